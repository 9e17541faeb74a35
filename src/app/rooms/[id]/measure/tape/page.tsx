import { TapeScreen } from '@/features/measure/TapeScreen';

export default function TapePage() {
  return <TapeScreen />;
}
