export { placeAt, seenAt, type View } from './camera';
export { placesAmong } from './among';
export { expectedLaid, expectedSheet, type Expected, type Part, type Seam } from './expected';
export {
  LOOK_CHECKS,
  type Checked,
  type LookCheck,
  type LookFinding,
  type Unseen,
} from './findings';
export {
  levelDoubt,
  levelFindings,
  levelOf,
  levelPlan,
  type Level,
  type LevelDoubt,
  type LevelPlan,
} from './level';
export { lookAt, lookByFeatures, lookByPaper, lookThere, type Look } from './look';
export { photographed, type Photographed } from './photographed';
export { ready, readyAhead, type Ready } from './ready';
export { remedyFor, type Remedy } from './remedy';
