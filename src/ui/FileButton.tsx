'use client';
import type { ReactNode } from 'react';

export const IMAGE_TYPES = 'image/jpeg,image/png,image/webp,image/avif';

/** A button that asks for a file; the same file may be chosen twice in a row. It keeps the focus while it is busy. */
export function FileButton({
  children,
  accept,
  onFiles,
  multiple = false,
  small = false,
  disabled = false,
}: {
  children: ReactNode;
  accept: string;
  /** Called with at least one file. */ onFiles: (files: readonly [File, ...File[]]) => void;
  multiple?: boolean;
  small?: boolean;
  disabled?: boolean;
}): ReactNode {
  return (
    <label
      className={`inline-flex cursor-pointer rounded-md border border-ink font-medium hover:bg-well has-focus-visible:outline-2 ${small ? 'px-2 py-0.5 text-[13px]' : 'px-3 py-1.5 text-[14px]'}`}
    >
      <input
        type="file"
        accept={accept}
        multiple={multiple}
        aria-disabled={disabled || undefined}
        className="sr-only"
        onClick={disabled ? (e) => e.preventDefault() : undefined}
        onChange={(e) => {
          const [first, ...rest] = e.target.files ?? [];
          e.target.value = '';
          if (first) onFiles([first, ...rest]);
        }}
      />
      {children}
    </label>
  );
}
