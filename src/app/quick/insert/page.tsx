import { QuickInsert } from '@/features/seats/QuickInsert';

export default function QuickInsertPage() {
  return <QuickInsert />;
}
