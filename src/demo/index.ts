export { DemoBench } from './DemoBench';
export { resetDemo } from './seed';
