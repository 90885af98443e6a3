export { loadLetters, writeSheetsPdf, type SheetsPdfInput } from './writeSheets';
export type { PixelTools } from './embed';
export { deflating, type PackedPixels } from './pack';
export type { Inflater } from './splitPng';
export { drawingToPdf } from './drawing';
