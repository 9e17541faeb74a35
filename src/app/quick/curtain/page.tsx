import { QuickCurtain } from '@/features/windows/QuickCurtain';

export default function QuickCurtainPage() {
  return <QuickCurtain />;
}
