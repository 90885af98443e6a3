export * from './affine';
export * from './box';
export * from './sector';
export * from './region';
export {
  areasBetween,
  areaWithin,
  islandsOf,
  overlapOf,
  regionArea,
  subtract,
  unite,
  withoutHoles,
} from './clip';
export { growRegion } from './grow';
export { crossingsOf } from './crossings';
export { simpleRegion, thinned } from './simple';
export * from './shapes';
