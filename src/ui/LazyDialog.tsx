'use client';
import dynamic from 'next/dynamic';
import type { ComponentProps, ReactNode } from 'react';
import type { Dialog } from './Dialog';

const Loaded = dynamic(() => import('./Dialog').then((m) => m.Dialog), { loading: () => null });

/** The dialog, fetched when one is first opened: most visits open none. */
export function LazyDialog(props: ComponentProps<typeof Dialog>): ReactNode {
  return props.open ? <Loaded {...props} /> : null;
}
