import { WorksScreen } from '@/features/works/WorksScreen';

export default function WorksPage() {
  return <WorksScreen />;
}
