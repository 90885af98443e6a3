export { writeSheetsPdf, type SheetsPdfInput } from './writeSheets';
export type { PackedPixels, PixelTools } from './embed';
export { deflating } from './pack';
export type { Inflater } from './splitPng';
export { drawingToPdf } from './drawing';
