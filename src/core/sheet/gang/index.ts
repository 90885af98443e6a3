export { fitsOn, gangSheets } from './gang';
export { leastSheets, pack, type Packed, type PackItem, type PackRules } from './pack';
