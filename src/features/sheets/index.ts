export { SheetsStation } from './SheetsStation';
