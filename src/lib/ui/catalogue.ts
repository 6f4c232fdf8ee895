export { standardCatalogue as catalogue } from '#core/catalogue/standard-catalogue.ts';
