export type { Wall } from './cup';
export type { Doubt, Misread } from './doubt';
export {
  DATUM_NAMES,
  EDGE_NAMES,
  FACE_NAMES,
  faceBox,
  middleOf,
  ZONE_IDS,
  type Datum,
  type DatumName,
  type EdgeName,
  type Face,
  type FaceName,
  type Zone,
  type ZoneId,
} from './face';
export {
  blankFormSchema,
  convertForm,
  facesOfForm,
  FORMS,
  fullWallMm,
  isCup,
  measuringDoubt,
  traitsOf,
  wallOf,
  type BlankForm,
  type CupForm,
  type FormKind,
  type FormOf,
} from './forms';
export { PLAIN_STRAIGHT, type StraightWrapForm } from './straightWrap';
export type { TaperedWrapForm } from './taperedWrap';
export { holeMiddleMm } from './flat';
export { GARMENTS } from './garment';
export {
  MAX_OUTLINE_CROSSINGS,
  MAX_OUTLINE_POINTS,
  MAX_OUTLINE_RINGS,
  tidyOutline,
  type OutlineFault,
} from './outline';
export { aroundMm, midCircumferenceMm, uprightHeightMm } from './wall';
