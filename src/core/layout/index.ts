export * from './place';
export * from './pieces';
export * from './warp';
