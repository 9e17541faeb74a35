import Link from 'next/link';
import type { ComponentProps, ReactNode } from 'react';

/**
 * A link to another page of the studio. Pages are fetched when they are asked for: each shows the room as it
 * is at that moment, and fetching all of them ahead keeps the server from saving.
 */
export const PageLink = (props: ComponentProps<typeof Link>): ReactNode => (
  <Link {...props} prefetch={false} />
);
