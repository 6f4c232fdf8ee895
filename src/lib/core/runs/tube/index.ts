export { TubeLayer, findHolder } from './lay-tube.ts';
