export { compare, type Difference } from './compare';
export { faultsOf, type PrintFault } from './faults';
export { insideOf, layTogether, type PrintedSheet } from './lay';
export { sampleInto, turnedOver, whiteRaster, type Raster } from './raster';
