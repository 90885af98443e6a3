import { LogScreen } from '@/features/log';

export default function LogPage() {
  return <LogScreen />;
}
