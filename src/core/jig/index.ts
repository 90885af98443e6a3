export * from './drawing';
export * from './jigs';
export * from './cutFiles';
export * from './sheetFiles';
