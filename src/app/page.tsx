import { HomeScreen } from '@/features/home/HomeScreen';
import { homePage } from '@/server/homePage';
import { otherDevices } from '@/server/pairing/screen';
import { headers } from 'next/headers';

export const dynamic = 'force-dynamic';

/** As many rooms as a page carries well with their drawings; the others stand by name. */
const SHOWN = 12;

export default async function HomePage() {
  const devices = otherDevices(await headers());
  // as one text: React takes several times as long to walk through a value
  return <HomeScreen told={JSON.stringify({ ...homePage(SHOWN), devices })} />;
}
