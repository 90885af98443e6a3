export type { Doubt, Misread } from './doubt';
export { faceBox, middleOf, ZONE_IDS, type Datum, type Face, type Zone, type ZoneId } from './face';
export { facesOf, FORMS, measuringDoubt } from './forms';
export { convertForm, fullWallMm, PLAIN_STRAIGHT, wallOf } from './convert';
export { holeMiddleMm } from './flat';
export { aroundMm, midCircumferenceMm, uprightHeightMm, type Wall } from './wall';
