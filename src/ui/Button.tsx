import type { ButtonHTMLAttributes, ReactNode } from 'react';

type Props = ButtonHTMLAttributes<HTMLButtonElement> & {
  variant?: 'plain' | 'primary' | 'quiet';
  small?: boolean;
};

const VARIANTS = {
  plain: 'border border-ink bg-sheet hover:bg-well',
  primary: 'border border-ink bg-ink text-sheet hover:bg-black',
  quiet: 'border border-transparent underline decoration-line underline-offset-4 hover:decoration-ink',
};

/** A button says what it does. One that does nothing now keeps the focus, so that the keys go on from it. */
export function Button({
  variant = 'plain',
  small = false,
  className = '',
  type = 'button',
  disabled = false,
  onClick,
  ...rest
}: Props): ReactNode {
  return (
    <button
      type={type}
      aria-disabled={disabled || undefined}
      onClick={disabled ? (e) => e.preventDefault() : onClick}
      className={`inline-flex items-center gap-2 rounded-md font-medium aria-disabled:opacity-45 ${small ? 'px-2 py-0.5 text-[13px]' : 'px-3 py-1.5 text-[14px]'} ${VARIANTS[variant]} ${className}`}
      {...rest}
    />
  );
}
