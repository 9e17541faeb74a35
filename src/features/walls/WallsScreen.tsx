'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { memo, useRef, useState, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { clamp, toMark, type LengthUnit } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import type { Hanging, HangingGroup, Item } from '../../core/model/types';
import { boxOfGroup, boxOfHanging, snapPlaceOf, snapPlaceOfGroup } from '../../core/plan/snapPlace';
import { lowestOver } from '../../core/room/ceiling';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { snapHanging, type SnapGuide, type SnapPlace } from '../../core/stages/walls/snap';
import { waking } from '../../ui/Awake';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';
import { Button } from '../../ui/Button';
import { Pick } from '../../ui/Choice';
import { useSteady } from '../../ui/useSteady';
import { TAKEN, type Answer } from '../../ui/Field';
import { ClothChip } from '../shell/ClothChip';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { nudgeOf, useDrawingDrag } from '../shell/drawing/useDrag';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import type { Paint } from '../shell/paint';
import { usePaint } from '../shell/usePaint';
import { useStash, type StashRow } from '../shell/useStash';
import { useWallName } from '../shell/useWords';
import { SheetHead, SheetTitle, Workspace } from '../shell/Workspace';
import { WallStrip } from '../shell/WallStrip';
import { HangingDimensions } from './HangingDimensions';
import { LiveGaps, SnapGuides } from './SnapLayer';
import { useWallActs } from './useWallActs';

const HangingSheet = dynamic(() => import('./HangingSheet').then((m) => waking(m.HangingSheet)));
const GroupSheet = dynamic(() => import('./GroupSheet').then((m) => waking(m.GroupSheet)));
const WallFolds = dynamic(() => import('./WallFolds').then((m) => waking(m.WallFolds)));
const SightView = dynamic(() => import('./SightView').then((m) => waking(m.SightView)));

type Begun =
  | { kind: 'piece'; hanging: Hanging; plan: HangingPlan; place: SnapPlace }
  | {
      kind: 'group';
      group: HangingGroup;
      plan: GroupPlan;
      place: SnapPlace;
      stand: { xMm: number; centreMm: number };
    };

/** Walls: every piece by its centre, its gap and its nail; several as one; what they show. */
export function WallsScreen(): ReactNode {
  const t = useTranslations();
  const { file, look, plan, rules, wallId, picked, pick, preview, change } = useRoom();
  const wallName = useWallName();
  const paint = usePaint();
  const art = useStash('art,mirror,frame,wallPanel');
  const acts = useWallActs();
  const [guides, setGuides] = useState<SnapGuide[]>([]);
  const [marking, setMarking] = useState(false);
  const [sight, setSight] = useState<{ hangingId: string; fromId: string } | null>(null);
  const unit = file.room.unit;
  const shownWall = wallId === 'plan' ? file.room.walls[0]!.id : wallId;
  const wall = plan.walls.find((w) => w.id === shownWall)!;
  const elevation = plan.elevations.find((e) => e.wallId === shownWall)!;
  const here = plan.hangings.filter((h) => h.wallId === shownWall);
  const groups = plan.groups.filter((g) => g.wallId === shownWall);
  const groupPlan = groups.find((g) => g.groupId === picked);
  const group = look.groups.find((g) => g.id === groupPlan?.groupId);
  const current = group ? undefined : (here.find((h) => h.hangingId === picked) ?? here[0]);
  const hanging = look.hangings.find((h) => h.id === current?.hangingId);
  const shownSight = plan.sights.find(
    (s) =>
      s.hangingId === sight?.hangingId && s.fromId === sight.fromId && s.hangingId === current?.hangingId,
  );
  const begun = useRef<Begun | null>(null);

  /** Where a drag has come to: free with Alt, else where the nearest rules put it. */
  const dragged = (
    from: Begun,
    dx: number,
    dy: number,
    alone: boolean,
  ): { changes: Change[]; guides: SnapGuide[] } => {
    if (from.kind === 'group') {
      const box = boxOfGroup(from.plan);
      const snapped = alone
        ? { xMm: box.xMm + dx, centreMm: box.centreMm + dy, guides: [] }
        : snapHanging({ ...box, xMm: box.xMm + dx, centreMm: box.centreMm + dy }, from.place, rules);
      return {
        changes: acts.moveGroup(
          from.group,
          dx === 0 ? 0 : snapped.xMm - box.xMm,
          dy === 0 ? 0 : snapped.centreMm - box.centreMm,
          from.stand,
        ),
        guides: snapped.guides,
      };
    }
    const x = Math.min(wall.lengthMm, Math.max(0, from.plan.xMm + dx));
    const centre = from.hanging.leans
      ? from.plan.centreMm
      : Math.min(file.room.ceilingMm, Math.max(0, from.plan.centreMm + dy));
    if (alone) return { changes: acts.moveTo(from.hanging, from.plan, x, centre), guides: [] };
    const snapped = snapHanging({ ...boxOfHanging(from.plan), xMm: x, centreMm: centre }, from.place, rules);
    const up = from.hanging.leans || dy === 0 ? from.plan.centreMm : snapped.centreMm;
    return {
      changes: acts.moveTo(from.hanging, from.plan, dx === 0 ? from.plan.xMm : snapped.xMm, up),
      guides: snapped.guides,
    };
  };
  const begunWith = (id: string): Begun | null => {
    const piece = plan.hangings.find((h) => h.hangingId === id);
    const own = look.hangings.find((x) => x.id === id);
    if (piece && own) {
      const place = snapPlaceOf(piece, own.overPieceId, file, plan);
      return { kind: 'piece', hanging: own, plan: piece, place };
    }
    const whole = plan.groups.find((x) => x.groupId === id);
    const held = look.groups.find((x) => x.id === id);
    if (!whole || !held) return null;
    const place = snapPlaceOfGroup(whole, held.overPieceId, file, plan);
    return { kind: 'group', group: held, plan: whole, place, stand: acts.standOf(held) };
  };
  const drag = useDrawingDrag(unit, {
    start: (id) => {
      begun.current = begunWith(id);
      pick(id);
    },
    move: (_id, dx, dy, alone) => {
      if (!begun.current || (dx === 0 && dy === 0)) return;
      const now = dragged(begun.current, dx, dy, alone);
      setGuides(now.guides);
      preview(now.changes);
    },
    end: (_id, dx, dy, moved, alone) => {
      preview(null);
      setGuides([]);
      if (moved && begun.current) change(dragged(begun.current, dx, dy, alone).changes);
    },
  });
  const findings = current
    ? plan.findings.filter((f) => f.stage === 'walls' && f.about.includes(current.hangingId))
    : [];
  const item = itemOf(file, current?.itemId);
  const used = look.hangings
    .map((h) => h.itemId)
    .sort()
    .join(' ');
  const take = useSteady((a: Item) => (group ? acts.addTo(group, a) : acts.hang(a, shownWall)));
  const names = [
    ...groups.map((g) => ({ id: g.groupId, name: g.name })),
    ...here.map((h) => ({ id: h.hangingId, name: h.name })),
  ];
  const chosen = groupPlan?.groupId ?? current?.hangingId;
  const stand = group ? acts.standOf(group) : null;
  const reach = rules.number('walls.neighbourReach');

  return (
    <Workspace
      foot={<WallStrip />}
      worksheet={
        <>
          {names.length > 10 && (
            <div className="mb-3">
              <Pick
                label={t('walls.on')}
                value={chosen ?? ''}
                options={names.map((n) => ({ value: n.id, label: n.name }))}
                onChange={pick}
              />
            </div>
          )}
          {names.length > 1 && names.length <= 10 && (
            <div className="mb-3 flex flex-wrap gap-x-4 gap-y-1 text-[14px]">
              {names.map((n) => (
                <button
                  key={n.id}
                  type="button"
                  aria-pressed={n.id === chosen}
                  onClick={() => pick(n.id)}
                  className="underline decoration-line underline-offset-4 aria-pressed:font-semibold aria-pressed:decoration-ink"
                >
                  {n.name}
                </button>
              ))}
            </div>
          )}
          {group && groupPlan && <GroupSheet key={group.id} group={group} plan={groupPlan} />}
          {!(group && groupPlan) && current && hanging && item && (
            <HangingSheet
              key={hanging.id}
              hanging={hanging}
              item={item}
              plan={current}
              findings={findings}
              sight={{
                fromId: shownSight?.fromId ?? null,
                show: (fromId) => setSight(fromId === null ? null : { hangingId: hanging.id, fromId }),
              }}
            />
          )}
          {!(group && groupPlan) && !(current && hanging && item) && (
            <>
              <SheetTitle>{t('stages.walls')}</SheetTitle>
              <p>{t('walls.none')}</p>
            </>
          )}
          <WallFolds wallId={shownWall} marking={marking} onMark={setMarking} />
        </>
      }
    >
      <SheetHead
        title={wallName(wall)}
        says={t('wall.size', {
          length: formatLength(wall.lengthMm, unit === 'in' ? 'ft-in' : unit),
          ceiling: formatLength(file.room.ceilingMm, unit === 'in' ? 'ft-in' : unit),
        })}
      />
      {shownSight ? (
        <SightView sight={shownSight} />
      ) : (
        <WallDrawing
          elevation={elevation}
          title={wallName(wall)}
          height={393}
          shapeProps={(s, scale) => {
            const h = here.find((x) => x.hangingId === s.about);
            if (!h) return undefined;
            return {
              ...(drag(h.hangingId, scale) as React.SVGProps<SVGGElement>),
              role: 'button',
              tabIndex: 0,
              'aria-label': h.name,
              'aria-pressed': h === current,
              style: { cursor: 'grab', touchAction: 'none' },
              onFocus: () => {
                if (picked !== h.hangingId) pick(h.hangingId);
              },
              onKeyDown: (e: React.KeyboardEvent) => {
                const by = nudgeOf(e, unit);
                const from = look.hangings.find((x) => x.id === h.hangingId);
                if (by && from) {
                  e.preventDefault();
                  change(
                    acts.moveTo(
                      from,
                      h,
                      Math.min(wall.lengthMm, Math.max(0, h.xMm + by.dxMm)),
                      from.leans
                        ? h.centreMm
                        : Math.min(file.room.ceilingMm, Math.max(0, h.centreMm + by.dyMm)),
                    ),
                  );
                }
                if (e.key === 'Delete' || e.key === 'Backspace') {
                  e.preventDefault();
                  change([{ do: 'removeHanging', lookId: look.id, id: h.hangingId }]);
                }
              },
            };
          }}
        >
          {(scale) => (
            <>
              {file.room.holes
                .filter((h) => h.wallId === shownWall)
                .map((h) => (
                  <circle
                    key={h.id}
                    cx={scale.x(h.xMm)}
                    cy={scale.y(h.heightMm)}
                    r="3"
                    fill="#f5f5f5"
                    stroke="#141414"
                    strokeWidth="1.2"
                    pointerEvents="none"
                  />
                ))}
              {groups.map((g) => (
                <GroupOutline
                  key={g.groupId}
                  plan={g}
                  scale={scale}
                  picked={g.groupId === picked}
                  name={t('walls.outlineOf', { name: g.name })}
                  props={drag(g.groupId, scale) as React.SVGProps<SVGRectElement>}
                  onNudge={(e) => {
                    const by = nudgeOf(e, unit);
                    const own = look.groups.find((x) => x.id === g.groupId);
                    if (by && own) {
                      e.preventDefault();
                      change(acts.moveGroup(own, by.dxMm, by.dyMm, acts.standOf(own)));
                    }
                  }}
                  onPick={() => pick(g.groupId)}
                />
              ))}
              {current && hanging && <HangingDimensions plan={current} hanging={hanging} scale={scale} />}
              {current && hanging && (
                <LiveGaps
                  box={boxOfHanging(current)}
                  others={here.filter((h) => h !== current).map(boxOfHanging)}
                  within={reach}
                  scale={scale}
                  unit={unit}
                  onMove={(xMm, centreMm) => change(acts.moveTo(hanging, current, xMm, centreMm))}
                />
              )}
              {group && groupPlan && stand && (
                <GroupDimensions
                  plan={groupPlan}
                  scale={scale}
                  onMove={(dx, dy) => change(acts.moveGroup(group, dx, dy, stand))}
                  onWidth={acts.widen(group, groupPlan)}
                />
              )}
              <SnapGuides guides={guides} scale={scale} unit={unit} />
              {marking && (
                <rect
                  x={scale.x(0)}
                  y={scale.y(file.room.ceilingMm)}
                  width={wall.lengthMm * scale.perMm}
                  height={file.room.ceilingMm * scale.perMm}
                  fill="#fff"
                  fillOpacity="0.01"
                  style={{ cursor: 'crosshair' }}
                  onClick={(e) => mark(e, scale)}
                />
              )}
            </>
          )}
        </WallDrawing>
      )}
      <div className="no-print px-4 pb-3">
        <p className="mb-1 flex items-baseline justify-between gap-3 font-narrow text-[13px] font-semibold text-soft">
          <span>{t('walls.hang')}</span>
          <span className="font-normal">{t('walls.snapHint')}</span>
          <Button
            small
            onClick={() => acts.newGroup(shownWall, t('walls.groupName', { n: look.groups.length + 1 }))}
          >
            {t('walls.newGroup')}
          </Button>
        </p>
        <ArtStrip art={art} used={used} unit={unit} paint={paint} onTake={take} />
      </div>
    </Workspace>
  );

  /** A hole where the wall was clicked. */
  function mark(e: React.MouseEvent<SVGRectElement>, scale: Scale): void {
    const svg = e.currentTarget.ownerSVGElement!;
    const ratio = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
    const [ux, uy] = [
      (e.clientX - svg.getBoundingClientRect().left) * ratio,
      (e.clientY - svg.getBoundingClientRect().top) * ratio,
    ];
    // on the wall, whatever the rounding to a mark says
    const xMm = clamp(toMark((ux - scale.x(0)) / scale.perMm, unit), 0, wall.lengthMm);
    const heightMm = clamp(
      toMark((scale.y(0) - uy) / scale.perMm, unit),
      0,
      lowestOver(elevation.edge, xMm, xMm),
    );
    change([
      {
        do: 'setRoom',
        room: {
          ...file.room,
          holes: [...file.room.holes, { id: nanoid(8), wallId: shownWall, xMm, heightMm }],
        },
      },
    ]);
  }
}

/** The outline of a group: a handle for the whole. */
function GroupOutline({
  plan: g,
  scale,
  picked,
  name,
  props,
  onNudge,
  onPick,
}: {
  plan: GroupPlan;
  scale: Scale;
  picked: boolean;
  name: string;
  props: React.SVGProps<SVGRectElement>;
  onNudge: (e: React.KeyboardEvent) => void;
  onPick: () => void;
}): ReactNode {
  if (g.members.size === 0) return null;
  const pad = 7;
  const box = {
    x: scale.x(g.xMm - g.widthMm / 2) - pad,
    y: scale.y(g.topMm) - pad,
    width: g.widthMm * scale.perMm + 2 * pad,
    height: g.heightMm * scale.perMm + 2 * pad,
  };
  return (
    <g>
      <rect
        {...box}
        fill="none"
        stroke="#141414"
        strokeWidth={picked ? 2 : 0.9}
        strokeDasharray={picked ? undefined : '3 3'}
        pointerEvents="none"
        rx="2"
      />
      {/* the line round the pieces is what is taken hold of; they themselves stay free to be moved */}
      <rect
        {...box}
        {...props}
        fill="none"
        stroke="#000"
        strokeOpacity="0"
        strokeWidth="12"
        pointerEvents="stroke"
        rx="2"
        role="button"
        tabIndex={0}
        aria-label={name}
        aria-pressed={picked}
        onKeyDown={onNudge}
        onFocus={onPick}
        style={{ cursor: 'move', touchAction: 'none' }}
      />
    </g>
  );
}

/**
 * Dimension lines of the whole: its width, its middle over the floor and from the left, its height over the
 * furniture.
 */
function GroupDimensions({
  plan: g,
  scale,
  onMove,
  onWidth,
}: {
  plan: GroupPlan;
  scale: Scale;
  onMove: (dxMm: number, dyMm: number) => void;
  onWidth: ((mm: number) => Answer) | undefined;
}): ReactNode {
  const t = useTranslations('walls');
  const { file } = useRoom();
  const unit = file.room.unit;
  if (g.members.size === 0) return null;
  const [left, right] = [scale.x(g.xMm - g.widthMm / 2), scale.x(g.xMm + g.widthMm / 2)];
  const lineX = left - scale.x(0) > 46 ? left - 26 : Math.min(right + 26, scale.width - 24);
  // the number across stands aside where the upright's would be under it
  const crossed = Math.abs((scale.y(g.centreMm) + scale.y(0)) / 2 - scale.y(g.bottomMm) - 20) < 14;
  const meets = Math.abs((scale.x(0) + scale.x(g.xMm)) / 2 - lineX) < 48;
  return (
    <g>
      <Dimension
        x1={left}
        x2={right}
        y1={scale.y(g.topMm) - 18}
        y2={scale.y(g.topMm) - 18}
        valueMm={g.widthMm}
        unit={unit}
        name={t('whole')}
        onCommit={onWidth}
      />
      <Dimension
        x1={lineX}
        x2={lineX}
        y1={scale.y(g.centreMm)}
        y2={scale.y(0)}
        valueMm={g.centreMm}
        unit={unit}
        name={t('centre')}
        at={crossed ? 0.75 : 0.5}
        onCommit={(mm) => {
          onMove(0, mm - g.centreMm);
          return TAKEN;
        }}
      />
      <Dimension
        x1={scale.x(0)}
        x2={scale.x(g.xMm)}
        y1={scale.y(g.bottomMm) + 20}
        y2={scale.y(g.bottomMm) + 20}
        valueMm={g.xMm}
        unit={unit}
        name={t('fromLeft')}
        at={meets ? 0.25 : 0.5}
        onCommit={(mm) => {
          onMove(mm - g.xMm, 0);
          return TAKEN;
        }}
      />
      {g.aboveMm !== null && g.aboveMm > 1 && (
        <Dimension
          x1={scale.x(g.xMm)}
          x2={scale.x(g.xMm)}
          y1={scale.y(g.bottomMm)}
          y2={scale.y(g.bottomMm - g.aboveMm)}
          valueMm={g.aboveMm}
          unit={unit}
          name={t('gap', { over: '' })}
          onCommit={(mm) => {
            onMove(0, mm - g.aboveMm!);
            return TAKEN;
          }}
        />
      )}
    </g>
  );
}

/** Frames of the stash to hang, with how many are free; stays as it is while something is dragged. */
const ArtStrip = memo(function ArtStrip({
  art,
  used,
  unit,
  paint,
  onTake,
}: {
  art: readonly StashRow[];
  /** Ids of what hangs in this look, one for each time. */ used: string;
  unit: LengthUnit;
  paint: Paint;
  onTake: (item: Item) => void;
}): ReactNode {
  const t = useTranslations();
  const uses = new Map<string, number>();
  for (const id of used.split(' ')) uses.set(id, (uses.get(id) ?? 0) + 1);
  return (
    <div className="flex gap-2 overflow-x-auto pb-1">
      {art.map(({ elsewhere, ...a }) => (
        <button
          key={a.id}
          type="button"
          onClick={() => onTake(a)}
          className="w-[112px] shrink-0 text-left text-[13px] leading-tight"
          title={a.name}
        >
          <ClothChip item={a} paint={paint} width={112} height={40} />
          <span className="mt-1 block truncate font-medium">{a.name}</span>
          <span className="block text-soft">
            {formatLength(a.widthMm, unit)} × {formatLength(a.heightMm, unit)}
          </span>
          <span className="block text-soft">
            {t('seats.have', {
              free: Math.max(0, a.count - (uses.get(a.id) ?? 0) - (elsewhere?.count ?? 0)),
              count: a.count,
            })}
          </span>
        </button>
      ))}
    </div>
  );
});
