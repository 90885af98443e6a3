export * from './forms';
export * from './machines';
export * from './materials';
export * from './care';
export * from './layers';
export * from './finishes';
