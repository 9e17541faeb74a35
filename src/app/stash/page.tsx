import { StashScreen } from '@/features/stash/StashScreen';
import { stashHead } from '@/server/stash/stash';

export const dynamic = 'force-dynamic';

export default function StashPage() {
  return <StashScreen head={stashHead()} />;
}
