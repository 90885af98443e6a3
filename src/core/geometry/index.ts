export * from './affine';
export * from './box';
export * from './sector';
export * from './region';
export * from './shapes';
