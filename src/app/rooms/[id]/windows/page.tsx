import { WindowsScreen } from '@/features/windows/WindowsScreen';

export default function WindowsPage() {
  return <WindowsScreen />;
}
