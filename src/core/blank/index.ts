export { faceBox, middleOf, type Datum, type Face, type Zone } from './face';
export { facesOf, FORMS, measuringDoubt } from './forms';
export { convertForm, fullWallMm, PLAIN_STRAIGHT, wallOf } from './convert';
export { holeMiddleMm } from './flat';
export { aroundMm, midCircumferenceMm, uprightHeightMm, type Wall } from './wall';
