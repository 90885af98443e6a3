export { dulled, simulatePrint, type DriverSettings, type PrinterHabits } from './printer';
export { simulatedMachine, type Device } from './machine';
export { deviceAt } from './evening';
export {
  photographTable,
  tableSeen,
  type LyingSheet,
  type LyingThing,
  type Shot,
  type TableScene,
} from './camera';
export {
  LAID_FAULTS,
  PRACTICE_FAULTS,
  practiceScene,
  practiceShot,
  type PracticeFault,
} from './practice';
