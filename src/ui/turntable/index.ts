export { FacePicture } from './FacePicture';
export { FinishedView, startTurn } from './FinishedView';
export { layersOf } from './layers';
