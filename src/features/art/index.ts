export { ArtStation } from './ArtStation';
