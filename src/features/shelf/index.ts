export { ShelfScreen } from './ShelfScreen';
