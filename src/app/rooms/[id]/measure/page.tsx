import { MeasureScreen } from '@/features/measure/MeasureScreen';

export default function MeasurePage() {
  return <MeasureScreen />;
}
