export type { Wall } from './cup';
export type { Doubt, Misread } from './doubt';
export { faceBox, middleOf, type Datum, type Face, type Zone } from './face';
export { holeMiddleMm } from './flat';
export { convertForm, facesOfForm, fullWallMm, measuringDoubt, wallOf } from './forms';
export {
  blankFormSchema,
  GARMENTS,
  isCup,
  MAX_OUTLINE_CROSSINGS,
  MAX_OUTLINE_POINTS,
  MAX_OUTLINE_RINGS,
  MEASURES,
  PLAIN_STRAIGHT,
  traitsOf,
  type BlankForm,
  type CupForm,
  type FormKind,
  type FormOf,
  type OutlineFault,
  type StraightWrapForm,
  type TaperedWrapForm,
} from './measures';
export {
  DATUM_NAMES,
  EDGE_NAMES,
  FACE_NAMES,
  ZONE_IDS,
  type DatumName,
  type EdgeName,
  type FaceName,
  type ZoneId,
} from './names';
export { tidyOutline } from './outline';
export { aroundMm, midCircumferenceMm, uprightHeightMm } from './wall';
