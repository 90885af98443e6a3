export type { CupForm, StraightWrapForm, TaperedWrapForm } from './cup';
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
  facesOfForm,
  FORMS,
  isCup,
  measuringDoubt,
  traitsOf,
  type BlankForm,
  type FormKind,
  type FormOf,
} from './forms';
export { convertForm, fullWallMm, wallOf } from './convert';
export { PLAIN_STRAIGHT } from './straightWrap';
export { holeMiddleMm } from './flat';
export { GARMENTS } from './garment';
export {
  MAX_OUTLINE_CROSSINGS,
  MAX_OUTLINE_POINTS,
  MAX_OUTLINE_RINGS,
  tidyOutline,
  type OutlineFault,
} from './outline';
export { aroundMm, midCircumferenceMm, uprightHeightMm, type Wall } from './wall';
