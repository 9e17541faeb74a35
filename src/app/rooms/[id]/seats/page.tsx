import { SeatsScreen } from '@/features/seats/SeatsScreen';

export default function SeatsPage() {
  return <SeatsScreen />;
}
