export { PressStation } from './PressStation';
