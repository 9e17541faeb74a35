'use client';
import { findOne } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { FittingStep } from '../../core/plan/fittingStep';
import type { SheetPart } from '../../core/plan/sheetParts';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { PlanShapes } from '../shell/drawing/PlanShapes';
import { usePaint } from '../shell/usePaint';
import { useWallName } from '../shell/useWords';
import { SheetDrawing } from './SheetDrawing';
import { useSheetRows } from './useSheetRows';

/** What is done at one wall or in one zone, in the day's order, with every mark. */
export function PartSteps({ part }: { part: SheetPart }): ReactNode {
  const rows = useSheetRows();
  return (
    <div className={part.zone.of === 'before' ? '' : BESIDE_DRAWING}>
      <Drawn part={part} />
      <ol className="min-w-0">
        {part.steps.map(({ step: s, number }) => (
          <li key={s.kind + s.about} className="mb-2.5">
            <h3 className="font-sans text-[15px] font-semibold">
              <span className="mr-2 inline-block min-w-[18px] border border-ink px-1 text-center text-[13px]">
                {number}
              </span>
              {rows.title(s)}{' '}
              <span className="font-normal text-soft">
                <Words>{rows.note(s)}</Words>
              </span>
            </h3>
            {rows.panels(s).map((words) => (
              <p key={words} className="text-[14px]">
                <Words>{words}</Words>
              </p>
            ))}
            {s.marks.length > 0 && s.kind !== 'curtain' && <Marks step={s} />}
          </li>
        ))}
      </ol>
    </div>
  );
}

const BESIDE_DRAWING = 'grid gap-x-6 gap-y-3 md:grid-cols-[300px_1fr] print:grid-cols-[260px_1fr]';

/** What is drawn beside the steps: the wall, or the plan for the floor; what is done before the day has none. */
function Drawn({ part }: { part: SheetPart }): ReactNode {
  if (part.zone.of === 'before') return null;
  return part.zone.of === 'floor' ? <PlanInSmall /> : <SheetDrawing part={part} />;
}

/** The plan as the look arranges it, for what is done on the floor. */
function PlanInSmall(): ReactNode {
  const { arranged, plan } = useRoom();
  const paint = usePaint();
  return (
    <svg viewBox="0 0 300 168" className="w-full max-w-[300px] self-start" aria-hidden="true">
      <PlanShapes
        file={arranged}
        placed={plan.placed}
        width={300}
        height={168}
        margin={6}
        paint={paint}
        plain
      />
    </svg>
  );
}

/** The marks of one step: along the wall, above the floor, and from the line. */
function Marks({ step: s }: { step: FittingStep }): ReactNode {
  const t = useTranslations('fitting');
  const { file, plan } = useRoom();
  const rows = useSheetRows();
  const wallName = useWallName();
  const length = (mm: number) => formatLength(mm, file.room.unit);
  const fromCeiling = s.marks.some((m) => m.fromCeilingMm !== undefined);
  return (
    <table className="mt-1 w-full table-fixed border-collapse text-[14px]">
      <thead>
        <tr className="text-left text-[12px] text-soft">
          <th className="w-[27%] py-0.5 pr-2 font-normal">{t('mark')}</th>
          <th className="py-0.5 pr-2 font-normal">{t('left')}</th>
          <th className="py-0.5 pr-2 font-normal">{t('height')}</th>
          {fromCeiling && <th className="py-0.5 pr-2 font-normal">{t('ceiling')}</th>}
          <th className="py-0.5 font-normal">{t('line')}</th>
        </tr>
      </thead>
      <tbody>
        {s.marks.map((m, i) => (
          <tr key={i} className="border-t border-line align-baseline">
            <td className="py-1 pr-2">
              {rows.mark(m)}
              {m.wallId !== undefined && m.wallId !== s.wallId
                ? `, ${wallName(findOne(plan.walls, (w) => w.id === m.wallId))}`
                : ''}
            </td>
            <td className="py-1 pr-2 font-semibold">
              <Words>{length(m.xMm)}</Words>
            </td>
            <td className="py-1 pr-2 font-semibold">
              <Words>{length(m.heightMm)}</Words>
            </td>
            {fromCeiling && (
              <td className="py-1 pr-2 font-semibold">
                <Words>{length(m.fromCeilingMm ?? 0)}</Words>
              </td>
            )}
            <td className="py-1">
              <Words>{rows.line(m)}</Words>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
