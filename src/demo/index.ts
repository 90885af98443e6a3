export { DemoBench } from './DemoBench';
export { demoJobs, resetDemo } from './seed';
