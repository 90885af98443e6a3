export { FacePicture } from './FacePicture';
export { FinishedView } from './FinishedView';
export { layersOf } from './layers';
export { startTurn } from './startTurn';
