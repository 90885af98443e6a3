export * from './orientation';
export * from './resolution';
export * from './limits';
