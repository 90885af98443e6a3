export * from './edit';
export * from './progress';
export * from './start';
export * from './names';
export * from './sheets';
export * from './limits';
