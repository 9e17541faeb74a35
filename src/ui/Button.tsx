import type { ButtonHTMLAttributes, ReactNode } from 'react';

type Props = ButtonHTMLAttributes<HTMLButtonElement> & {
  look?: 'plain' | 'strong' | 'quiet';
  small?: boolean;
};

const LOOKS = {
  plain: 'border border-ink bg-sheet hover:bg-well',
  strong: 'border border-ink bg-ink text-sheet hover:bg-black',
  quiet: 'border border-transparent underline decoration-line underline-offset-4 hover:decoration-ink',
};

/** A button says what it does. */
export function Button({
  look = 'plain',
  small = false,
  className = '',
  type = 'button',
  ...rest
}: Props): ReactNode {
  return (
    <button
      type={type}
      className={`inline-flex items-center gap-2 rounded-md font-medium disabled:opacity-45 ${small ? 'px-2 py-0.5 text-[13px]' : 'px-3 py-1.5 text-[14px]'} ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}
