'use client';
import { useTranslations } from 'next-intl';
import { useMemo, useState, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { planLook } from '../../core/plan/planLook';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { PlanDrawing } from '../shell/drawing/PlanDrawing';
import { Findings } from '../shell/Findings';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { useWallName } from '../shell/useWords';
import { SheetHead, SheetTitle, Workspace } from '../shell/Workspace';
import { PlanThumb } from '../shell/PlanThumb';
import { WallStrip } from '../shell/WallStrip';
import { BeforePhotos } from './BeforePhotos';
import { FoundList } from './FoundList';
import { IrritationList } from './IrritationList';
import { TaskList } from './TaskList';

const PARTS = ['found', 'irritations', 'tasks'] as const;
type Part = (typeof PARTS)[number];

/**
 * Clear: everything loose in one pass, each with a verdict; what bothers; what has to be cleaned or mended.
 */
export function ClearScreen(): ReactNode {
  const t = useTranslations();
  const { file, plan, wallId } = useRoom();
  const paint = usePaint();
  const wallName = useWallName();
  const [bare, setBare] = useState(false);
  const [part, setPart] = useState<Part>('found');
  const asFound =
    [...file.looks].sort((a, b) => a.order - b.order).find((l) => l.season === null) ?? file.looks[0]!;
  const found = useMemo(
    () => (plan.lookId === asFound.id ? plan : planLook(file, { lookId: asFound.id })),
    [plan, file, asFound.id],
  );
  const wall = plan.walls.find((w) => w.id === wallId);
  const elevation = found.elevations.find((e) => e.wallId === wallId);
  const shown =
    elevation && (bare ? { ...elevation, shapes: elevation.shapes.filter((s) => s.fixed) } : elevation);
  const { unit } = file.room;
  const long = unit === 'in' ? 'ft-in' : unit;
  const { counts } = plan.clear;
  const { irritations, tasks } = file.clear;
  const left = {
    found: file.clear.found.length,
    irritations: irritations.filter((i) => i.doneIn === null).length,
    tasks: tasks.filter((x) => !x.done).length,
  };
  const all = file.clear.found.length;
  const tab = (on: boolean, press: () => void, words: string) => (
    <button
      key={words}
      type="button"
      aria-pressed={on}
      onClick={press}
      className="border-b-2 border-transparent font-medium aria-pressed:border-ink aria-pressed:font-bold"
    >
      {words}
    </button>
  );
  return (
    <Workspace
      sheetFirst
      foot={<WallStrip plan={<PlanThumb />} />}
      worksheet={
        <>
          <SheetTitle says={all === 0 ? t('clear.begin') : t('clear.says', { done: all - counts.open, all })}>
            {t('stages.clear')}
          </SheetTitle>
          <div
            role="group"
            aria-label={t('clear.parts')}
            className="mb-3 flex gap-x-4 font-narrow text-[15px]"
          >
            {PARTS.map((p) =>
              tab(
                part === p,
                () => setPart(p),
                t(`clear.part.${p}`, {
                  count: left[p],
                }),
              ),
            )}
          </div>
          {part === 'found' && <FoundList asFoundId={asFound.id} />}
          {part === 'irritations' && <IrritationList />}
          {part === 'tasks' && <TaskList />}
          <Findings findings={plan.clear.findings} title={t('clear.checks')} />
        </>
      }
    >
      <SheetHead
        views={false}
        title={wall ? wallName(wall) : t('wall.plan')}
        says={bare ? t('clear.bareSays') : t('clear.asFoundSays', { look: asFound.name })}
      >
        {tab(!bare, () => setBare(false), t('clear.asFound'))}
        {tab(bare, () => setBare(true), t('clear.bare'))}
      </SheetHead>
      {shown && wall ? (
        <WallDrawing elevation={shown} title={wallName(wall)} height={430} />
      ) : (
        <PlanDrawing file={file} paint={paint} />
      )}
      <BeforePhotos wallId={wall ? wall.id : null} />
      {wall && (
        <p className="sr-only">
          {t('wall.size', {
            length: formatLength(wall.lengthMm, long),
            ceiling: formatLength(file.room.ceilingMm, long),
          })}
        </p>
      )}
    </Workspace>
  );
}
