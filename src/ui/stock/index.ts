export { PaperDialog } from './PaperDialog';
export { useGoods, useMoney } from './useGoods';
