export { Buying } from './Buying';
export { PaperDialog } from './PaperDialog';
export { useBooking, type UsedUp } from './useBooking';
export { useGoods, useMoney } from './useGoods';
