export { readSvg, type SvgDrawing } from './document';
export { outlineFromSvg, ringsOf } from './outline';
export { penLinesOf } from './penLines';
export { patternToSvg } from './write';
