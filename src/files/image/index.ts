export { asStored } from './asStored';
export { endingOf } from './formats';
export { iccProfileOf, checkedProfile, type IccProfile } from './icc';
export { inspectImage, type ImageFacts } from './inspect';
export { isOneColour, oneColourOf, oneColourPng, type PixelBox } from './oneColourPng';
export { withDensity } from './pngDensity';
export { isMeantAsStored } from './pngColours';
export { readPng, type PngStructure } from './png';
