export * from './builtIn';
export * from './adopt';
