'use client';
import { useTranslations } from 'next-intl';
import { memo, type ReactNode } from 'react';
import type { Finding, Level } from '../../core/model/finding';
import type { RuleId } from '../../core/rules/table';
import { Mark } from '../../ui/Mark';
import { Words } from '../../ui/Words';
import { useRoom } from './room/RoomContext';
import { useFindingWords } from './useWords';
import { Why } from './Why';

const ORDER = { stop: 0, caution: 1, yielded: 2, ok: 3 } as const;

/** One check; drawn again only when it says something else. */
const FindingRow = memo(function FindingRow({
  level,
  name,
  rule,
  children,
}: {
  level: Level;
  name: string;
  rule: RuleId | undefined;
  children: string;
}): ReactNode {
  return (
    <li className="flex gap-2.5 text-[14px] leading-snug">
      <Mark level={level} title={name} />
      <span>
        <Words>{children}</Words>
        {rule && (
          <>
            {' '}
            <Why rule={rule} />
          </>
        )}
      </span>
    </li>
  );
});

/** Checks with their reason, worst first; each can be asked why. */
export function Findings({ findings, title }: { findings: readonly Finding[]; title?: string }): ReactNode {
  const t = useTranslations();
  const { file, plan } = useRoom();
  const words = useFindingWords(file, plan);
  if (findings.length === 0) return null;
  const sorted = [...findings].sort((a, b) => ORDER[a.level] - ORDER[b.level]);
  return (
    <section className="mt-4">
      {title && <h3 className="mb-1.5 font-sans text-[14px] font-semibold">{title}</h3>}
      <ul className="space-y-2">
        {sorted.map((f, i) => (
          <FindingRow
            key={`${f.code}${f.about.join()}${i}`}
            level={f.level}
            name={t(`levels.${f.level}`)}
            rule={f.rule}
          >
            {words(f)}
          </FindingRow>
        ))}
      </ul>
    </section>
  );
}
