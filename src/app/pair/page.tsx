import { PairScreen } from '@/features/home/PairScreen';

export const dynamic = 'force-dynamic';

type Search = Promise<{ code?: string | string[]; to?: string | string[] }>;

export default async function PairPage({ searchParams }: { searchParams: Search }) {
  const { code, to } = await searchParams;
  return <PairScreen code={typeof code === 'string' ? code : ''} to={typeof to === 'string' ? to : '/'} />;
}
