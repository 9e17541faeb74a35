import { BedsScreen } from '@/features/beds/BedsScreen';

export default function BedsPage() {
  return <BedsScreen />;
}
