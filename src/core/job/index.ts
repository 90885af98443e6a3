export * from './edit';
export * from './progress';
