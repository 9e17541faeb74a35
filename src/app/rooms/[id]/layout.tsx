import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { RoomShell } from '@/features/shell/RoomShell';
import { StageView } from './StageView';
import { ASKED_LOOK, ASKED_PATH } from '@/server/asked';
import { roomPage } from '@/server/roomPage';

export const dynamic = 'force-dynamic';

export default async function RoomLayout({
  children,
  params,
}: {
  children: ReactNode;
  params: Promise<{ id: string }>;
}) {
  const sent = await headers();
  const look = sent.get(ASKED_LOOK);
  const page = roomPage((await params).id, {
    look: look === null ? null : decodeURIComponent(look),
    path: sent.get(ASKED_PATH) ?? '',
  });
  if (page === undefined) notFound();
  return (
    <RoomShell page={page}>
      <StageView>{children}</StageView>
    </RoomShell>
  );
}
