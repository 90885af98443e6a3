export * from './asked';
export * from './draws';
export * from './ladder';
export * from './observed';
export * from './ordinal';
export * from './prior';
export * from './seen';
export * from './window';
