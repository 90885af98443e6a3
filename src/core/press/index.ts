export * from './recipe';
export * from './recipes';
export * from './steps';
export * from './run';
