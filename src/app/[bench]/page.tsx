import { BenchScreen } from '@/features/bench';

export default function BenchPage() {
  return <BenchScreen />;
}
