export { dulled, simulatePrint, type DriverSettings, type PrinterHabits } from './printer';
export { simulatedMachine, type Device } from './machine';
export { deviceAt } from './evening';
