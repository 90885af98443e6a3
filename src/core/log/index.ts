export * from './insight';
export * from './record';
