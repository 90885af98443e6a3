export * from './primitives';
export * from './heat';
export * from './blank';
export * from './art';
export * from './shelf';
export * from './job';
export * from './record';
export * from './migrate';
