export { fitsOn, gangLoads, sheetOf } from './gang';
export { nestLoads } from './nest';
export { leastSheets, pack, type Packed, type PackItem, type PackRules } from './pack';
