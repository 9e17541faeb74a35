import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { RoomShell } from '@/features/shell/RoomShell';
import { StageView } from './StageView';
import { openRoom } from '@/server/rooms';

export const dynamic = 'force-dynamic';

export default async function RoomLayout({
  children,
  params,
}: {
  children: ReactNode;
  params: Promise<{ id: string }>;
}) {
  const opened = openRoom((await params).id);
  if (!opened) notFound();
  // as text: a long value goes to the page several times as fast as one that React walks through
  return (
    <RoomShell openedText={JSON.stringify(opened)}>
      <StageView>{children}</StageView>
    </RoomShell>
  );
}
