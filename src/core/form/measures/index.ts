export { type CupFields } from './cup';
export {
  blankFormSchema,
  isCup,
  MEASURES,
  traitsOf,
  type BlankForm,
  type CupForm,
  type CupKind,
  type FlatKind,
  type FormKind,
  type FormOf,
} from './forms';
export { GARMENTS } from './garment';
export {
  MAX_OUTLINE_CROSSINGS,
  MAX_OUTLINE_POINTS,
  MAX_OUTLINE_RINGS,
  type OutlineFault,
} from './outline';
export { PLAIN_STRAIGHT, type StraightWrapForm } from './straightWrap';
export { type TaperedWrapForm } from './taperedWrap';
