export * from './alike';
export * from './causes';
export * from './diagnose';
export * from './insight';
export * from './kinds';
export * from './prevent';
export * from './record';
export * from './seenIn';
