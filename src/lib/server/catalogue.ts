export { standardCatalogue as catalogue } from '#core/catalogue';
export { standardThreads as threads } from '#core/catalogue';
