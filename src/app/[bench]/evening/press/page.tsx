import { LiveScreen } from '@/features/evening';

export default function EveningPressPage() {
  return <LiveScreen />;
}
