import { HomeScreen } from '@/features/home/HomeScreen';
import { homePage } from '@/server/rooms';

export const dynamic = 'force-dynamic';

/** As many rooms as a page carries well with their drawings; the others stand by name. */
const SHOWN = 12;

export default function HomePage() {
  return <HomeScreen data={homePage(SHOWN)} />;
}
