import Link from 'next/link';
import type { ComponentProps, ReactNode } from 'react';

/** How a link looks that stands for itself; one within a sentence is only underlined. */
export const TEXT_LINK =
  'inline-flex min-h-[24px] min-w-[24px] items-center underline decoration-line underline-offset-4 hover:decoration-ink';

/**
 * A link to another page of the studio. Pages are fetched when they are asked for: each shows the room as it
 * is at that moment, and fetching all of them ahead keeps the server from saving.
 */
export const PageLink = (props: ComponentProps<typeof Link>): ReactNode => (
  <Link {...props} prefetch={false} />
);
