export * from './length';
export * from './temperature';
export * from './duration';
export * from './style';
export { plainlyTyped } from './typed';
export { readPrice } from './price';
