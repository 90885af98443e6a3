export { endingOf } from './formats';
export { inspectImage, type ImageFacts } from './inspect';
export { readPng, type PngStructure } from './png';
