import { ShelfScreen } from '@/features/shelf';

export default function ShelfPage() {
  return <ShelfScreen />;
}
