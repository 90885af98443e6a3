export {
  writeSheetsPdf,
  type PrintedJob,
  type PrintPlan,
  type SheetsPdfInput,
} from './writeSheets';
export type { FilePart } from './bulkStream';
export type { PixelTools } from './embed';
export type { PackedPixels } from './pack';
export type { Inflater } from './splitPng';
export { patternToPdf } from './drawing';
export type { LetterTools, TextPicture } from './letters';
