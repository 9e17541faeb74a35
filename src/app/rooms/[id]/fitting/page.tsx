import { FittingScreen } from '@/features/fitting/FittingScreen';

export default function FittingPage() {
  return <FittingScreen />;
}
