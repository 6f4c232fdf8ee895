export { findSources, listUsedPorts, traceFlow } from './flow.ts';
