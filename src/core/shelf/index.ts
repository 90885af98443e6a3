export * from './builtIn';
export * from './adopt';
export { TEE_WIDTHS_IN } from './blanks';
export { machineFor, withTransfer } from './retool';
