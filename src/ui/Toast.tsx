'use client';
import dynamic from 'next/dynamic';
import { useState, type ComponentProps, type ReactNode } from 'react';
import type { ToastPopup } from './ToastPopup';

const Loaded = dynamic(() => import('./ToastPopup').then((m) => m.ToastPopup), { loading: () => null });

/** A notice, fetched with the first one: most visits have none. */
export function Toast(props: ComponentProps<typeof ToastPopup>): ReactNode {
  const [used, setUsed] = useState(false);
  if (props.message !== null && !used) setUsed(true);
  return used ? <Loaded {...props} /> : null;
}
