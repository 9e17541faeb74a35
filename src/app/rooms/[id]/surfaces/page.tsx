import { SurfacesScreen } from '@/features/surfaces/SurfacesScreen';

export default function SurfacesPage() {
  return <SurfacesScreen />;
}
