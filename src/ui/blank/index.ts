export { BlankEditor, useBlankEdit } from './BlankEditor';
export { Measures } from './Measures';
export { AboutFields } from './AboutFields';
export { SubstrateFields } from './SubstrateFields';
