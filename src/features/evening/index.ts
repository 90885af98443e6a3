export { EveningScreen } from './EveningScreen';
export { LiveScreen } from './live/LiveScreen';
