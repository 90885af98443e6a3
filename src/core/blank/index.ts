export { usualBleedMm, workOf } from './blank';
export { facesOf } from './faces';
