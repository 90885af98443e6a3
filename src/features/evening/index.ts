export { EveningScreen } from './EveningScreen';
export { PressStation } from './alone/PressStation';
export { LiveScreen } from './live/LiveScreen';
