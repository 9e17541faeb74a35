import { ClearScreen } from '@/features/clear/ClearScreen';

export default function ClearPage() {
  return <ClearScreen />;
}
