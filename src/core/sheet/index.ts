export { correctionOf, pageOf, paperHolds, type Orientation, type Page } from './page';
export type { BarStop, CutGuide, Foot, Line, SheetMarks } from './marks';
export { offcutOf, type Offcut } from './offcut';
export { MOST_PRINTS, planSheets } from './sheets';
export { liesMirrored } from './tiled';
export type { Misfit, Sheet, SheetContext, SheetItem, SheetName, SheetPlan } from './types';
export {
  layingSteps,
  tableSide,
  THROUGH_WHOLE,
  wholesOn,
  type LayStep,
  type Side,
  type Tile,
  type Tiling,
} from './tile';
export type { SheetLabel } from './label';
export { drawingOf, type SheetTexts } from './strokes';
