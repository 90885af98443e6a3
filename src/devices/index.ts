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
  LEVEL_FAULTS,
  levelScene,
  levelShot,
  PRACTICE_FAULTS,
  practiceScene,
  practiceShot,
  type LevelFault,
  type PracticeFault,
} from './practice';
