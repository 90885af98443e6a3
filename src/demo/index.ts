export { DemoBench } from './DemoBench';
