export { faceBox, type Datum, type Face, type Zone } from './face';
export { facesOf, FORMS, measuringDoubt } from './forms';
export { circumferenceMm, diameterMm } from './straightWrap';
