export * from './builtIn';
export * from './adopt';
export * from './tools';
export { TEE_WIDTHS_IN } from './blanks';
export { machineFor, machinesFor, sheetFor, withPass, withTransfer } from './retool';
