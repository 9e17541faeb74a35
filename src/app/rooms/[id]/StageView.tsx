'use client';
import dynamic from 'next/dynamic';
import { usePathname, useSelectedLayoutSegments } from 'next/navigation';
import type { ReactNode } from 'react';
import { waking } from '@/ui/Awake';

const OtherStage = dynamic(() => import('./OtherStage').then((m) => waking(m.OtherStage)));

/**
 * The stage that the address names: the one the server sent, or another of the same room, which is drawn here without
 * asking the server. So the stages are there while it cannot be reached.
 */
export function StageView({ children }: { children: ReactNode }): ReactNode {
  const sent = useSelectedLayoutSegments().join('/');
  const asked = usePathname().split('/').slice(3).join('/');
  return asked === sent ? children : <OtherStage path={asked}>{children}</OtherStage>;
}
