export { writeSheetsPdf, type SheetsPdfInput } from './writeSheets';
export type { DeflatedPixels, PixelDecoder } from './embed';
export { drawingToPdf } from './drawing';
