export * from './transfers';
