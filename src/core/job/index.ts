export * from './edit';
export * from './history';
export * from './start';
export * from './testJob';
export * from './items';
export * from './names';
export * from './sheets';
export * from './limits';
