export { BlankEditor, useBlankEdit } from './BlankEditor';
export { Measures } from './Measures';
export { SubstrateFields } from './SubstrateFields';
