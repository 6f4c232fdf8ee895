export { standardCatalogue as catalogue } from '#core/catalogue/standard-catalogue.ts';
export { standardThreads as threads } from '#core/catalogue/standard-threads.ts';
