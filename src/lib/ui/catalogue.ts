export { standardCatalogue as catalogue } from '#core/catalogue';
