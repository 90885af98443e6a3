export * from './sketch';
export * from './jigs';
export * from './cutFiles';
export * from './sheetFiles';
export * from './filmFiles';
export * from './tiles';
