'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { memo, useEffect, useRef, useState, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { markStep } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import { waking } from '../../ui/Awake';
import { useSteady } from '../../ui/useSteady';
import type { Scale } from '../../ui/drawing/scale';
import { PageLink } from '../../ui/PageLink';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { nudgeOf, useDrawingDrag } from '../shell/drawing/useDrag';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';
import { SheetHead, Workspace } from '../shell/Workspace';
import { PlanThumb } from '../shell/PlanThumb';
import { WallStrip } from '../shell/WallStrip';
import type { BumpKind } from './BumpForm';
import type { Side } from './MeasureWorksheet';
import { BUMPS, FITTINGS, OPENINGS, PIECES } from './kindLists';
import type { PlanMode } from './PlanView';
import { reach, type Offset } from './reach';
import { findThing, moveOf, removalOf, type Thing } from './thing';
import { staysSound } from '../shell/useCommit';

// what is not on the first sight of the page comes when it is called for, or when nothing else is to be done
const forms = {
  adding: () => import('./adding'),
  dimensions: () => import('./OpeningDimensions'),
  plan: () => import('./PlanView'),
};
const PlanView = dynamic(() => forms.plan().then((m) => waking(m.PlanView)));
const OpeningDimensions = dynamic(() => forms.dimensions().then((m) => m.OpeningDimensions));
const MeasureWorksheet = dynamic(() => import('./MeasureWorksheet').then((m) => waking(m.MeasureWorksheet)));
const KindChips = memo(dynamic(() => import('./KindChips').then((m) => waking(m.KindChips))));
const LaserTape = dynamic(() => import('./LaserTape').then((m) => m.LaserTape));
const WallPhotoLayer = dynamic(() => import('./WallPhotoLayer').then((m) => m.WallPhotoLayer), {
  ssr: false,
});

const UNMOVED: Offset = { dxMm: 0, dyMm: 0 };
const ON_WALLS = [...OPENINGS, ...BUMPS, ...FITTINGS];
const MODES: readonly PlanMode[] = ['pieces', 'walls', 'standing'];

/** Measure: the room as the tape gives it, wall by wall and from above. */
export function MeasureScreen(): ReactNode {
  const t = useTranslations();
  const { file, plan, look, wallId, setWall, picked, pick, preview, change } = useRoom();
  const wallName = useWallName();
  const [says, setSays] = useState<string | null>(null);
  const [mode, setMode] = useState<PlanMode>('pieces');
  const [laser, setLaser] = useState(false);
  const [side, setSide] = useState<Side | null>(null);
  const unit = file.room.unit;
  const begun = useRef<Thing | null>(null);
  const last = useRef<Change | null>(null);
  const reached = useRef<Offset>(UNMOVED);
  const current = findThing(file, picked);
  const isPlan = wallId === 'plan';
  const drag = useDrawingDrag(unit, {
    start: (id) => {
      begun.current = findThing(file, id);
      last.current = null;
      reached.current = UNMOVED;
      pick(id);
    },
    move: (_id, dx, dy) => {
      const from = begun.current;
      if (!from) return;
      const changeTo = (at: Offset) => moveOf(from, at.dxMm, at.dyMm, isPlan);
      reached.current = reach(reached.current, { dxMm: dx, dyMm: dy }, markStep(unit), (at) => {
        const next = changeTo(at);
        return !!next && staysSound(file, next);
      });
      const { dxMm, dyMm } = reached.current;
      last.current = dxMm === 0 && dyMm === 0 ? null : (changeTo(reached.current) ?? null);
      preview(last.current && [last.current]);
    },
    end: () => {
      preview(null);
      if (last.current) change([last.current]);
      last.current = null;
    },
  });
  const nudge = (e: React.KeyboardEvent, id: string) => {
    if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault();
      removeThing(id);
      return;
    }
    const by = nudgeOf(e, unit);
    const from = findThing(file, id);
    if (!by || !from) return;
    e.preventDefault();
    const next = moveOf(from, by.dxMm, by.dyMm, isPlan);
    if (next && staysSound(file, next)) change([next]);
  };
  const removeThing = (id: string) => {
    const from = findThing(file, id);
    if (from) {
      change([removalOf(from)]);
      pick(null);
    }
  };
  const handle = (id: string, scale: Scale, name: string): React.SVGProps<SVGGElement> => ({
    ...(drag(id, scale) as React.SVGProps<SVGGElement>),
    role: 'button',
    tabIndex: 0,
    'aria-label': name,
    'aria-pressed': picked === id,
    onFocus: () => {
      if (picked !== id) pick(id);
    },
    onKeyDown: (e) => nudge(e, id),
    style: { cursor: 'grab', touchAction: 'none' },
  });

  useEffect(() => {
    if (typeof window.requestIdleCallback !== 'function') return;
    const waiting = window.requestIdleCallback(() => {
      for (const get of Object.values(forms)) void get();
    });
    return () => window.cancelIdleCallback(waiting);
  }, []);
  const box = useRef<HTMLDivElement>(null);
  const drawn = useRef<Scale | null>(null);
  /**
   * Adds a thing: where it was let go, or where the room has a place for it. All its readings are guesses
   * until they are measured.
   */
  const addTo = async (kind: string, at?: { xMm: number; yMm: number }) => {
    if ((BUMPS as readonly string[]).includes(kind)) {
      pick(null);
      setSide({ kind: 'bump', bump: kind as BumpKind, wallId: isPlan ? file.room.walls[0]!.id : wallId });
      return;
    }
    const { addThing } = await forms.adding();
    const added = addThing(kind, t(`measure.kinds.${kind as 'window'}`), { file, wallId, at });
    setSays(added.says && t(`measure.${added.says}`));
    if (!added.changes) return;
    if (added.onPlan) {
      setWall('plan');
      setMode('pieces');
    }
    change(added.changes);
    setSide(null);
    pick(added.id);
  };
  const addHere = useSteady((kind: string) => void addTo(kind));
  const dropHere = useSteady(async (kind: string, clientX: number, clientY: number) => {
    const at = (await forms.adding()).whereDropped(
      box.current,
      isPlan ? 'plan' : drawn.current,
      file,
      clientX,
      clientY,
    );
    if (at) void addTo(kind, at);
  });
  const wall = plan.walls.find((w) => w.id === wallId);
  const elevation = plan.elevations.find((e) => e.wallId === wallId);
  const photo = file.room.wallPhotos.find((p) => p.wallId === wallId);
  const bare = elevation && { ...elevation, shapes: elevation.shapes.filter((s) => s.fixed) };
  const xs = file.room.walls.map((w) => w.xMm);
  const ys = file.room.walls.map((w) => w.yMm);
  const things = isPlan
    ? file.pieces
    : [
        ...file.openings.filter((o) => o.wallId === wallId),
        ...file.fittings.filter((f) => f.wallId === wallId),
      ];
  const long = unit === 'in' ? 'ft-in' : unit;
  const panel = side && (side.kind === 'photo' ? side.wallId === wallId : true) ? side : null;
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
      foot={<WallStrip plan={<PlanThumb />} onPick={() => setSide(null)} />}
      worksheet={<MeasureWorksheet side={panel} mode={mode} onSide={setSide} onRemove={removeThing} />}
    >
      <SheetHead
        views={false}
        title={isPlan ? t('wall.plan') : wallName(wall!)}
        says={
          isPlan
            ? t('wall.planSize', {
                length: formatLength(Math.max(...xs) - Math.min(...xs), long),
                depth: formatLength(Math.max(...ys) - Math.min(...ys), long),
              })
            : t('wall.size', {
                length: formatLength(wall!.lengthMm, long),
                ceiling: formatLength(file.room.ceilingMm, long),
              })
        }
      >
        {isPlan
          ? MODES.map((m) =>
              tab(
                mode === m,
                () => {
                  setMode(m);
                  pick(null);
                  setSide(null);
                },
                t(`measure.modes.${m}`),
              ),
            )
          : tab(
              panel?.kind === 'photo',
              () => {
                pick(null);
                setSide({ kind: 'photo', wallId });
              },
              t('measure.photo.title'),
            )}
        <PageLink
          href={`/rooms/${file.room.id}/measure/tape?look=${look.id}`}
          className="font-medium underline decoration-line underline-offset-4"
        >
          {t('measure.tape.title')}
        </PageLink>
        <button
          type="button"
          aria-pressed={laser}
          onClick={() => setLaser(!laser)}
          className="font-medium underline decoration-line underline-offset-4 aria-pressed:decoration-ink"
        >
          {t('measure.laser.title')}
        </button>
      </SheetHead>
      {laser && <LaserTape onClose={() => setLaser(false)} />}
      <div ref={box}>
        {isPlan ? (
          <PlanView mode={mode} />
        ) : (
          bare && (
            <WallDrawing
              elevation={bare}
              title={wallName(wall!)}
              height={440}
              onBackground={() => pick(null)}
              {...(photo ? { under: (scale: Scale) => <WallPhotoLayer photo={photo} scale={scale} /> } : {})}
              shapeProps={(s, scale) => {
                if (s.about === 'wall' || s.about === 'trim' || file.pieces.some((p) => p.id === s.about))
                  return undefined;
                // parts of a thing (its glass) drag with it, and only the thing itself is a stop for the
                // keyboard
                const whole = handle(s.about, scale, s.name);
                return s.key === s.about
                  ? whole
                  : {
                      ...whole,
                      role: 'presentation',
                      tabIndex: -1,
                      'aria-label': undefined,
                      'aria-pressed': undefined,
                      onFocus: undefined,
                    };
              }}
            >
              {(scale) => {
                drawn.current = scale;
                return (
                  <>
                    {file.openings
                      .filter((o) => o.wallId === wallId && o.id !== picked)
                      .map((o) => (
                        <text
                          key={o.id}
                          x={scale.x(o.xMm + o.widthMm / 2)}
                          y={scale.y(o.sillMm + o.heightMm / 2) + 4}
                          fontSize="12.5"
                          textAnchor="middle"
                          fontWeight="500"
                          pointerEvents="none"
                          stroke="#f5f5f5"
                          strokeWidth="3"
                          paintOrder="stroke"
                        >
                          {o.name}
                        </text>
                      ))}
                    {current && current.kind !== 'piece' && current.thing.wallId === wallId && (
                      <OpeningDimensions picked={current} scale={scale} />
                    )}
                  </>
                );
              }}
            </WallDrawing>
          )
        )}
      </div>
      <div className="no-print flex flex-wrap items-start gap-x-4 gap-y-2 px-4 pb-3">
        {(!isPlan || mode === 'pieces') && (
          <KindChips kinds={isPlan ? PIECES : ON_WALLS} onAdd={addHere} onDrop={dropHere} />
        )}
        {isPlan && mode === 'walls' && <p className="text-[14px] text-soft">{t('measure.wallsSay')}</p>}
        {says && (
          <p role="alert" className="text-[13px]">
            {says}
          </p>
        )}
        {things.length > 0 && mode === 'pieces' && (
          <div className="flex flex-wrap gap-x-3 gap-y-1 text-[14px]">
            <span className="text-soft">{t('measure.things')}</span>
            {things.map((x) => (
              <button
                key={x.id}
                type="button"
                aria-pressed={picked === x.id}
                onClick={() => {
                  setSide(null);
                  pick(x.id);
                }}
                className="underline decoration-line underline-offset-4 aria-pressed:font-semibold aria-pressed:decoration-ink"
              >
                {x.name}
              </button>
            ))}
          </div>
        )}
      </div>
    </Workspace>
  );
}
