import { EveningScreen } from '@/features/evening';

export default function EveningPage() {
  return <EveningScreen />;
}
