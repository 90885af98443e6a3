export * from './cost';
export * from './spent';
export * from './stock';
