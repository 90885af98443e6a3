export { EveningScreen } from './EveningScreen';
