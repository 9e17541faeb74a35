'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { memo, useCallback, useEffect, useRef, useState, type ComponentProps, type ReactNode } from 'react';
import { waking } from '../../ui/Awake';
import type { Scale } from '../../ui/drawing/scale';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';
import { WallStrip } from '../shell/WallStrip';
import { Workspace } from '../shell/Workspace';
import { BUMPS, FITTINGS, OPENINGS, PIECES } from './kindLists';
import { MeasuredWall } from './MeasuredWall';
import type { Side } from './MeasureWorksheet';
import type { PlanMode } from './PlanView';
import { useAddThing } from './useAddThing';
import { useThingDrag } from './useThingDrag';

const planView = () => import('./PlanView').then((m) => waking(m.PlanView));
const PlanView = dynamic(planView);
const PlanThumb = dynamic(() => import('../shell/PlanThumb').then((m) => m.PlanThumb), {
  loading: () => null,
});
const MeasureHead = dynamic(() => import('./MeasureHead').then((m) => waking(m.MeasureHead)));
const MeasureWorksheet = dynamic(() => import('./MeasureWorksheet').then((m) => waking(m.MeasureWorksheet)));
const ArrangeStrip = dynamic(() => import('./arrange/ArrangeStrip').then((m) => waking(m.ArrangeStrip)), {
  loading: () => null,
});
const ArrangeSheet = dynamic(() => import('./arrange/ArrangeSheet').then((m) => waking(m.ArrangeSheet)));
const LaserTape = dynamic(() => import('./LaserTape').then((m) => m.LaserTape), { loading: () => null });
const KindChips = memo(dynamic(() => import('./KindChips').then((m) => waking(m.KindChips))));

const ON_WALLS = [...OPENINGS, ...BUMPS, ...FITTINGS];

/** Measure: the room as the tape gives it, wall by wall and from above. */
export function MeasureScreen(): ReactNode {
  const { plan, wallId, pick } = useRoom();
  const wallName = useWallName();
  const [mode, setMode] = useState<PlanMode>('pieces');
  const [laser, setLaser] = useState(false);
  const [side, setSide] = useState<Side | null>(null);
  const box = useRef<HTMLDivElement>(null);
  const drawn = useRef<Scale | null>(null);
  const keepScale = useCallback((scale: Scale) => {
    drawn.current = scale;
  }, []);
  useFetchWhenIdle();
  const isPlan = wallId === 'plan';
  const isArranging = isPlan && mode === 'arrange';
  const wall = plan.walls.find((w) => w.id === wallId);
  const elevation = plan.elevations.find((e) => e.wallId === wallId);
  const { handle, removeThing } = useThingDrag(isPlan);
  const { addHere, dropHere, problem } = useAddThing({
    box,
    drawn,
    onPlan: () => setMode('pieces'),
    onSide: setSide,
  });
  // a photo's panel belongs to its wall
  const panel = side?.kind === 'photo' && side.wallId !== wallId ? null : side;
  const turnTo = (next: Side | null) => {
    pick(null);
    setSide(next);
  };
  return (
    <Workspace
      foot={<WallStrip plan={<PlanThumb />} onPick={() => setSide(null)} />}
      worksheet={
        isArranging ? (
          <ArrangeSheet />
        ) : (
          <MeasureWorksheet side={panel} mode={mode} onSide={setSide} onRemove={removeThing} />
        )
      }
    >
      <MeasureHead
        mode={mode}
        onMode={(next) => {
          setMode(next);
          turnTo(null);
        }}
        photoShown={panel?.kind === 'photo'}
        onPhoto={() => turnTo({ kind: 'photo', wallId })}
        laser={laser}
        onLaser={setLaser}
      />
      {laser && <LaserTape onClose={() => setLaser(false)} />}
      <div ref={box}>
        {isPlan && <PlanView mode={mode} />}
        {elevation && wall && (
          <MeasuredWall elevation={elevation} title={wallName(wall)} onScale={keepScale} handle={handle} />
        )}
      </div>
      <UnderDrawing
        mode={mode}
        onMode={setMode}
        onPick={() => setSide(null)}
        problem={problem}
        onAdd={addHere}
        onDrop={dropHere}
      />
      {isArranging && <ArrangeStrip box={box} />}
    </Workspace>
  );
}

type Adding = Pick<ComponentProps<typeof KindChips>, 'onAdd' | 'onDrop'>;
type Under = Adding & {
  mode: PlanMode;
  onMode: (mode: PlanMode) => void;
  onPick: () => void;
  problem: string | null;
};

/** Below the drawing: what can be added, why it was not, and what there is by name. */
function UnderDrawing({ mode, onMode, onPick, problem, ...adding }: Under): ReactNode {
  const isPlan = useRoom().wallId === 'plan';
  return (
    <div className="no-print flex flex-wrap items-start gap-x-4 gap-y-2 px-4 pb-3">
      <Addable isPlan={isPlan} mode={mode} {...adding} />
      {problem && (
        <p role="alert" className="text-[13px]">
          {problem}
        </p>
      )}
      {(mode === 'pieces' || mode === 'arrange') && <ThingNames mode={mode} onPick={onPick} />}
      {isPlan && mode === 'pieces' && <StandsElsewhere onShow={() => onMode('arrange')} />}
    </div>
  );
}

type AddableProps = Adding & { isPlan: boolean; mode: PlanMode };

/** What can be put on the wall or on the plan; while the walls themselves are moved, how that is done. */
function Addable({ isPlan, mode, onAdd, onDrop }: AddableProps): ReactNode {
  const t = useTranslations('measure');
  if (isPlan && mode === 'walls') return <p className="text-[14px] text-soft">{t('wallsSay')}</p>;
  if (isPlan && mode !== 'pieces') return null;
  return <KindChips kinds={isPlan ? PIECES : ON_WALLS} onAdd={onAdd} onDrop={onDrop} />;
}

/** That some of the furniture stands elsewhere in this look. */
function StandsElsewhere({ onShow }: { onShow: () => void }): ReactNode {
  const t = useTranslations('measure');
  const { look } = useRoom();
  const count = look.moved.length + look.brought.length;
  if (count === 0) return null;
  return (
    <p className="text-[13px] text-soft">
      {t('arranged', { count, look: look.name })}{' '}
      <button type="button" className="underline underline-offset-4" onClick={onShow}>
        {t('showArranged')}
      </button>
    </p>
  );
}

/** What is not on the first sight of the page is fetched once nothing else is to be done. */
function useFetchWhenIdle(): void {
  useEffect(() => {
    if (typeof window.requestIdleCallback !== 'function') return;
    const waiting = window.requestIdleCallback(() => {
      void import('./adding');
      void import('./OpeningDimensions');
      void planView();
    });
    return () => window.cancelIdleCallback(waiting);
  }, []);
}

/** What there is on the plan or the wall, by name. */
function ThingNames({ mode, onPick }: { mode: PlanMode; onPick: () => void }): ReactNode {
  const t = useTranslations('measure');
  const { file, arranged, wallId, picked, pick } = useRoom();
  const things =
    wallId === 'plan'
      ? (mode === 'arrange' ? arranged : file).pieces
      : [
          ...file.openings.filter((o) => o.wallId === wallId),
          ...file.fittings.filter((f) => f.wallId === wallId),
        ];
  if (things.length === 0) return null;
  return (
    <div className="flex flex-wrap gap-x-3 gap-y-1 text-[14px]">
      <span className="text-soft">{t('things')}</span>
      <ToggleGroup
        label={t('things')}
        variant="names"
        value={picked}
        options={things.map((x) => ({ value: x.id, label: x.name }))}
        onChange={(id) => {
          onPick();
          pick(id);
        }}
        className="min-w-0 flex-1"
      />
    </div>
  );
}
