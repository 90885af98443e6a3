export * from './database';
export * from './jobs';
export * from './arts';
export * from './records';
export * from './shelf';
export * from './jobSession';
export { storageProblem } from './problem';
