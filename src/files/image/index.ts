export { endingOf } from './formats';
export { inspectImage, type ImageFacts } from './inspect';
export { withDensity } from './pngDensity';
export { readPng, type PngStructure } from './png';
