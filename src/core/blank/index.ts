export type { Doubt, Misread } from './doubt';
export {
  DATUM_NAMES,
  faceBox,
  middleOf,
  ZONE_IDS,
  type Datum,
  type DatumName,
  type Face,
  type Zone,
  type ZoneId,
} from './face';
export { facesOf, FORMS, isCup, measuringDoubt, traitsOf, usualBleedMm, workOf } from './forms';
export { convertForm, fullWallMm, wallOf } from './convert';
export { PLAIN_STRAIGHT } from './straightWrap';
export { holeMiddleMm } from './flat';
export { aroundMm, midCircumferenceMm, uprightHeightMm, type Wall } from './wall';
