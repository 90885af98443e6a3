export * from './place';
export * from './pieces';
