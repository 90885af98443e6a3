export * from './assumed';
export * from './compare';
export * from './conduct';
export * from './dose';
export * from './press';
export * from './setup';
export * from './usual';
export * from './wall';
