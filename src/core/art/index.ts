export * from './orientation';
export * from './resolution';
export * from './limits';
export * from './drawing';
export * from './measure';
export type { Raster } from './bins';
export * from './neighbours';
export * from './prepare';
export * from './prepared';
