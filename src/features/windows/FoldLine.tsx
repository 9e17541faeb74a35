'use client';
import type { ReactNode } from 'react';
import type { RuleId } from '../../core/rules/table';
import { Words } from '../../ui/Words';
import { Why } from '../shell/Why';

/** One amount of a fold, with its why. */
export function FoldLine({
  label,
  children,
  note,
  rule,
}: {
  label: string;
  children: string;
  note?: string | undefined;
  rule?: RuleId | null;
}): ReactNode {
  return (
    <div className="grid grid-cols-[1fr_auto] items-baseline gap-x-3 border-t border-line py-1 text-[14px] first:border-t-0">
      <span className="leading-snug">
        <Words>{label}</Words>
        {note && (
          <span className="block text-[13px] text-soft">
            <Words>{note}</Words>
          </span>
        )}
      </span>
      <span className="whitespace-nowrap text-right">
        <b className="font-semibold">
          <Words>{children}</Words>
        </b>
        {rule && (
          <>
            {' '}
            <Why rule={rule} />
          </>
        )}
      </span>
    </div>
  );
}
