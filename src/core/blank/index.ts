export { facesOf, usualBleedMm, workOf } from './blank';
