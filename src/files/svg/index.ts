export { readSvg, type SvgDrawing } from './document';
export { outlineFromSvg, ringsOf } from './outline';
export { drawingToSvg } from './write';
export { beginsAsSvg } from './sniff';
