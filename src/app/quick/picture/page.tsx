import { QuickPicture } from '@/features/walls/QuickPicture';

export default function QuickPicturePage() {
  return <QuickPicture />;
}
