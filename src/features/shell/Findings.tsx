'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Finding } from '../../core/model/finding';
import { Mark } from '../../ui/Mark';
import { Words } from '../../ui/Words';
import { useRoom } from './room/RoomContext';
import { useFindingWords } from './useWords';
import { Why } from './Why';

const ORDER = { stop: 0, caution: 1, yielded: 2, ok: 3 } as const;

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
          <li key={`${f.code}${f.about.join()}${i}`} className="flex gap-2.5 text-[14px] leading-snug">
            <Mark level={f.level} title={t(`levels.${f.level}`)} />
            <span>
              <Words>{words(f)}</Words>
              {f.rule && (
                <>
                  {' '}
                  <Why rule={f.rule} />
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
