'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useMemo, useState, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { lookAsFound } from '../../core/model/records';
import { inLook } from '../../core/room/arrange';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { PlanDrawing } from '../shell/drawing/PlanDrawing';
import { waking } from '../../ui/Awake';
import { Tab, TabList, TabPanel, Tabs } from '../../ui/Tabs';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { Findings } from '../shell/Findings';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { useWallName } from '../shell/useWords';
import { SheetHead, SheetTitle, Workspace } from '../shell/Workspace';
import { WallStrip } from '../shell/WallStrip';
import { FoundList } from './FoundList';

const PlanThumb = dynamic(() => import('../shell/PlanThumb').then((m) => m.PlanThumb), {
  loading: () => null,
});
const BeforePhotos = dynamic(() => import('./BeforePhotos').then((m) => waking(m.BeforePhotos)));
const IrritationList = dynamic(() => import('./IrritationList').then((m) => waking(m.IrritationList)));
const TaskList = dynamic(() => import('./TaskList').then((m) => waking(m.TaskList)));
const PARTS = ['found', 'irritations', 'tasks'] as const;
type Part = (typeof PARTS)[number];

/**
 * Clear: everything loose in one pass, each with a verdict; what bothers people; what has to be cleaned or
 * mended.
 */
export function ClearScreen(): ReactNode {
  const t = useTranslations();
  const { file, plan, planOf, wallId } = useRoom();
  const paint = usePaint();
  const wallName = useWallName();
  const [bare, setBare] = useState(false);
  const [part, setPart] = useState<Part>('found');
  const asFound = lookAsFound(file);
  const found = useMemo(
    () => (plan.lookId === asFound.id ? plan : planOf(file, asFound.id)),
    [plan, planOf, file, asFound.id],
  );
  const wall = plan.walls.find((w) => w.id === wallId);
  const elevation = found?.elevations.find((e) => e.wallId === wallId);
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
  return (
    <Workspace
      sheetFirst
      foot={<WallStrip plan={<PlanThumb />} />}
      worksheet={
        <>
          <SheetTitle
            detail={all === 0 ? t('clear.begin') : t('clear.intro', { done: all - counts.open, all })}
          >
            {t('stages.clear')}
          </SheetTitle>
          <Tabs value={part} onChange={(next) => setPart(next as Part)}>
            <TabList aria-label={t('clear.parts')} className="mb-3 flex gap-x-4 font-narrow text-[15px]">
              {PARTS.map((p) => (
                <Tab
                  key={p}
                  value={p}
                  className="border-b-2 border-transparent font-medium aria-selected:border-ink aria-selected:font-bold"
                >
                  {t(`clear.part.${p}`, { count: left[p] })}
                </Tab>
              ))}
            </TabList>
            <TabPanel value="found">
              <FoundList asFoundId={asFound.id} />
            </TabPanel>
            <TabPanel value="irritations">
              <IrritationList />
            </TabPanel>
            <TabPanel value="tasks">
              <TaskList />
            </TabPanel>
          </Tabs>
          <Findings findings={plan.clear.findings} title={t('clear.checks')} />
        </>
      }
    >
      <SheetHead
        views={false}
        title={wall ? wallName(wall) : t('wall.plan')}
        detail={bare ? t('clear.bareSays') : t('clear.asFoundSays')}
      >
        <ToggleGroup
          label={t('clear.shown')}
          value={bare ? 'bare' : 'asFound'}
          options={(['asFound', 'bare'] as const).map((v) => ({ value: v, label: t(`clear.${v}`) }))}
          onChange={(v) => setBare(v === 'bare')}
        />
      </SheetHead>
      {shown && wall ? (
        <WallDrawing elevation={shown} title={wallName(wall)} height={430} />
      ) : (
        <PlanDrawing file={inLook(file, asFound)} paint={paint} />
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
