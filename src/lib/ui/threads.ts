export { standardThreads as threads, standardTubes as tubes } from '#core/catalogue';
