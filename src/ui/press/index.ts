export { begun } from './begun';
export { allowSound, setAlarm, soundAllowed } from './alarm';
export { Cautions } from './Cautions';
export { NIGHT } from './night';
export { placeOf, PlatePlace, rowBelow } from './PlatePlace';
export { speak } from './speak';
export { atSpeed, eveningNow, useClock } from './useClock';
export { useWakeLock } from './useWakeLock';
