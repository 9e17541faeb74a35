import { WallsScreen } from '@/features/walls/WallsScreen';

export default function WallsPage() {
  return <WallsScreen />;
}
