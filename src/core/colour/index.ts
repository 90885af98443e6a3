export * from './srgb';
export * from './difference';
export * from './forecast';
export * from './faint';
export * from './pixels';
