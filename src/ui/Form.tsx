'use client';
import type { ComponentProps, ReactNode } from 'react';

/** A form of the page's own: what it holds is sent by Enter or its button, and the page stays. */
export const Form = ({
  onSend,
  ...rest
}: Omit<ComponentProps<'form'>, 'onSubmit'> & { onSend: (form: HTMLFormElement) => void }): ReactNode => (
  <form
    {...rest}
    onSubmit={(e) => {
      e.preventDefault();
      onSend(e.currentTarget);
    }}
  />
);
