export { faceBox, type Datum, type Face, type Zone } from './face';
export { facesOf, FORMS, measuringDoubt, wallOf } from './forms';
export { convertForm } from './convert';
export { aroundMm, midCircumferenceMm, uprightHeightMm, type Wall } from './wall';
