import type { ReactNode } from 'react';

/** The first stops of a page, seen only when they have the focus: over its head to what is worked on. */
export const SkipLinks = ({ links }: { links: readonly { to: string; label: string }[] }): ReactNode =>
  links.map(({ to, label }) => (
    <a
      key={to}
      href={`#${to}`}
      className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2"
    >
      {label}
    </a>
  ));
