export { pageOf, type Orientation, type Page } from './page';
export type { BarStop, CutGuide, Foot, Line, SheetMarks } from './marks';
export { planSheets, type Misfit, type Sheet, type SheetItem, type SheetPlan } from './sheets';
