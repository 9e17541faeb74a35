import { ColourScreen } from '@/features/colour/ColourScreen';

export default function ColourPage() {
  return <ColourScreen />;
}
