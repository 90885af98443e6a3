export * from './affine';
export * from './box';
