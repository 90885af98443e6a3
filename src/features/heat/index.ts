export { HeatStation } from './HeatStation';
