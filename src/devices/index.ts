export { dulled, simulatePrint, type DriverSettings, type PrinterHabits } from './printer';
