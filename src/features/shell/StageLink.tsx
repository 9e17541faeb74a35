'use client';
import type { ComponentProps, MouseEvent, ReactNode } from 'react';
import { PageLink } from '../../ui/PageLink';

/** To another stage of the room that is open, which is drawn without the server. */
export function openStage(href: string): void {
  const isHere = href === window.location.pathname + window.location.search;
  if (!isHere) window.history.pushState(null, '', href);
  window.scrollTo(0, 0);
}

/** Whether a press asks for another tab or window, or to save. */
const isElsewhere = (e: MouseEvent): boolean =>
  e.metaKey || e.ctrlKey || e.shiftKey || e.altKey || e.button !== 0;

/** A link to another stage of the room that is open. */
export function StageLink({
  href,
  ...rest
}: Omit<ComponentProps<typeof PageLink>, 'href'> & { href: string }): ReactNode {
  return (
    <PageLink
      href={href}
      onClick={(e) => {
        if (isElsewhere(e)) return;
        e.preventDefault();
        openStage(href);
      }}
      {...rest}
    />
  );
}
