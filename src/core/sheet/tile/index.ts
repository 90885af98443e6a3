export { layingSteps, type LayStep } from './laying';
export { cutCostsOf, THROUGH_WHOLE, wholesOn, type PieceCosts } from './seamCost';
export { bestSeams, costOf, seamsHold, sheetsFor, type CutCosts, type Reach } from './seams';
export {
  printedOf,
  tableSide,
  tilePiece,
  tilesNeeded,
  trimLinesOf,
  type Side,
  type Tile,
  type TileEdge,
  type Tiling,
} from './tiles';
