export * from './orientation';
export * from './resolution';
export * from './limits';
export * from './drawing';
export * from './measure';
export * from './neighbours';
export * from './prepare';
