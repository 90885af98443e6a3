export * from './drawing';
export * from './jigs';
export * from './cutFiles';
