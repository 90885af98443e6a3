export { allowSound, setAlarm, soundAllowed } from './alarm';
export { Cautions } from './Cautions';
export { NIGHT } from './night';
export { placeOf, PlatePlace, rowBelow } from './PlatePlace';
export { speak } from './speak';
export { useNow } from './useNow';
export { useWakeLock } from './useWakeLock';
