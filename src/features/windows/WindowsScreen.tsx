'use client';
import { useTranslations } from 'next-intl';
import { PageLink } from '../../ui/PageLink';
import { useRef, useState, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { Button } from '../../ui/Button';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { SvgWords } from '../../ui/Words';
import { nudgeOf, useDrawingDrag } from '../shell/drawing/useDrag';
import { tubOpening } from '../../core/plan/windows/dressed';
import { overheadOfSpan } from '../../core/plan/windows/overhead';
import { outerOf } from '../../core/stages/windows/span';
import { rodBySchool } from '../../core/stages/windows/rod';
import { isGlazed } from '../../core/room/kinds';
import type { Scale } from '../../ui/drawing/scale';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';
import { SheetHead, SheetTitle, Workspace } from '../shell/Workspace';
import { WallStrip } from '../shell/WallStrip';
import { unroll } from './unroll';
import { useWindowActs } from './useWindowActs';
import { WindowDimensions } from './WindowDimensions';
import { WindowSheet } from './WindowSheet';

/** Windows: curtains drawn as they are computed, worked on at true scale. */
export function WindowsScreen(): ReactNode {
  const t = useTranslations();
  const { file, look, plan, rules, wallId, setWall, picked, pick, preview, change } = useRoom();
  const wallName = useWallName();
  const unit = file.room.unit;
  // what can be dressed: windows and French doors, and tubs with their shower curtain
  const windows = [
    ...file.openings.filter(isGlazed),
    ...file.fittings.filter((f) => f.kind === 'tub').map(tubOpening),
  ];
  const isTub = (id: string) => file.fittings.some((f) => f.id === id);
  const onWall = windows.filter((o) => o.wallId === wallId);
  const planOf = (openingId: string) =>
    plan.windows.find((w) => w.openingId === openingId || w.openingIds.includes(openingId));
  const current =
    windows.find(
      (o) => o.id === picked || look.dressings.some((d) => d.id === picked && d.openingId === o.id),
    ) ??
    onWall.find((o) => planOf(o.id)) ??
    onWall[0] ??
    windows.find((o) => planOf(o.id)) ??
    windows[0];
  const shownWall = current?.wallId ?? (wallId === 'plan' ? file.room.walls[0]!.id : wallId);
  const windowPlan = current && planOf(current.id);
  const dressing = look.dressings.find((d) => d.id === windowPlan?.dressingId);
  const acts = useWindowActs(current, dressing, windowPlan);
  const begun = useRef<{ rodMm: number; stops: { rodMm: number; words: string }[] }>({ rodMm: 0, stops: [] });
  const [snapped, setSnapped] = useState<{ rodMm: number; words: string } | null>(null);
  /**
   * Where a dragged rod is drawn to: the heights of the schools, and those at which a length hangs as it is.
   * Alt lets go.
   */
  const rodAt = (dy: number, alone: boolean): { rodMm: number; words: string | null } => {
    const rodMm = Math.min(file.room.ceilingMm, Math.max(100, begun.current.rodMm + dy));
    const near = alone
      ? undefined
      : begun.current.stops
          .filter((s) => Math.abs(s.rodMm - rodMm) <= rules.number('walls.snapWithin'))
          .sort((a, b) => Math.abs(a.rodMm - rodMm) - Math.abs(b.rodMm - rodMm))[0];
    return near ?? { rodMm, words: null };
  };
  const stopsOf = (w: NonNullable<typeof windowPlan>) => {
    const at = (mm: number) => ({ at: formatLength(mm, unit) });
    const outer = outerOf(w.span);
    const facts = {
      frameTopMm: w.frameTopMm,
      ceilingMm: overheadOfSpan({ file, walls: plan.walls, places: plan.places }, w.span, {
        fromMm: outer.leftMm,
        toMm: outer.rightMm,
        aboveMm: w.frameTopMm,
      }).mm,
    };
    return [
      ...(['high', 'twoThirds', 'overFrame'] as const).map((school) => {
        const { rodMm } = rodBySchool(facts, rules, school);
        return { rodMm, words: t('windows.snapSchool', { school, ...at(rodMm) }) };
      }),
      ...w.routes
        .filter((r) => r.kind === 'asItIs' && r.stockMm !== null)
        .map((r) => ({
          rodMm: r.rodMm,
          words: t('windows.snapLength', { length: formatLength(r.stockMm!, unit), ...at(r.rodMm) }),
        })),
    ];
  };
  const drag = useDrawingDrag(unit, {
    start: () => {
      begun.current = { rodMm: windowPlan?.rodHeightMm ?? 0, stops: windowPlan ? stopsOf(windowPlan) : [] };
    },
    move: (_k, _dx, dy, alone) => {
      const now = rodAt(dy, alone);
      setSnapped(now.words === null ? null : { rodMm: now.rodMm, words: now.words });
      preview(acts.rodChanges(now.rodMm));
    },
    end: (_k, _dx, dy, moved, alone) => {
      preview(null);
      setSnapped(null);
      if (moved && dy !== 0) acts.setRod(rodAt(dy, alone).rodMm);
    },
  });
  const wall = plan.walls.find((w) => w.id === shownWall)!;
  // a rod that goes round corners is shown with all its walls, unrolled
  const round =
    windowPlan && windowPlan.rodOn.length > 1
      ? unroll(
          plan.elevations,
          windowPlan.rodOn.map((r) => r.wallId),
        )
      : null;
  const elevation = round?.elevation ?? plan.elevations.find((e) => e.wallId === shownWall)!;
  const atWall = (scale: Scale, id: string): Scale => {
    const offset = round?.offsets.get(id) ?? 0;
    return offset === 0 ? scale : { ...scale, x: (mm) => scale.x(mm + offset) };
  };
  const go = (openingId: string) => {
    const o = windows.find((x) => x.id === openingId);
    if (o) {
      setWall(o.wallId);
      pick(o.id);
    }
  };
  const ids = new Map(look.dressings.map((d) => [d.id, d.openingId]));
  const title = round ? t('windows.unrolled', { count: round.offsets.size }) : wallName(wall);

  if (!current) {
    return (
      <Workspace
        foot={<WallStrip />}
        worksheet={
          <>
            <SheetTitle>{t('stages.windows')}</SheetTitle>
            <p>{t('windows.none')}</p>
            <p className="mt-3">
              <PageLink
                className="underline underline-offset-4"
                href={`/rooms/${file.room.id}/measure?look=${look.id}&wall=${shownWall}`}
              >
                {t('windows.goMeasure')}
              </PageLink>
            </p>
          </>
        }
      >
        <SheetHead title={wallName(wall)} says="" />
        <WallDrawing elevation={elevation} title={wallName(wall)} />
      </Workspace>
    );
  }
  return (
    <Workspace
      foot={<WallStrip />}
      worksheet={
        <>
          {windows.length > 1 && (
            <div className="mb-3 flex flex-wrap gap-x-4 gap-y-1 text-[14px]">
              {windows.map((o) => (
                <button
                  key={o.id}
                  type="button"
                  aria-pressed={o.id === current.id}
                  onClick={() => go(o.id)}
                  className="underline decoration-line underline-offset-4 aria-pressed:font-semibold aria-pressed:decoration-ink"
                >
                  {o.name}
                </button>
              ))}
            </div>
          )}
          {dressing && windowPlan ? (
            <WindowSheet key={dressing.id} opening={current} dressing={dressing} plan={windowPlan} />
          ) : (
            <>
              <SheetTitle
                says={
                  isTub(current.id)
                    ? t('windows.tub')
                    : t('windows.facts', {
                        width: formatLength(current.widthMm, unit),
                        height: formatLength(current.heightMm, unit),
                        sill: formatLength(current.sillMm, unit),
                        top: formatLength(current.sillMm + current.heightMm, unit),
                      })
                }
              >
                {current.name}
              </SheetTitle>
              <Button look="strong" onClick={acts.dress}>
                {t(isTub(current.id) ? 'windows.dressTub' : 'windows.dress')}
              </Button>
            </>
          )}
        </>
      }
    >
      <SheetHead
        title={title}
        says={t('wall.size', {
          length: formatLength(elevation.lengthMm, unit === 'in' ? 'ft-in' : unit),
          ceiling: formatLength(file.room.ceilingMm, unit === 'in' ? 'ft-in' : unit),
        })}
      />
      <WallDrawing
        elevation={elevation}
        title={title}
        shapeProps={(s, scale) => {
          const openingId = ids.get(s.about) ?? (windows.some((o) => o.id === s.about) ? s.about : undefined);
          if (openingId === undefined) return undefined;
          const isRod = s.form === 'rod' && s.about === windowPlan?.dressingId && !s.key.endsWith('innerRod');
          const name = `${windows.find((o) => o.id === openingId)?.name ?? ''}${isRod ? `, ${t('windows.rod')}` : ''}`;
          return {
            ...(s.form === 'rod' || s.form === 'frame'
              ? { role: 'button', tabIndex: 0, 'aria-label': name }
              : {}),
            style: { cursor: isRod ? 'ns-resize' : 'pointer', touchAction: 'none' },
            onClick: () => go(openingId),
            ...(isRod ? (drag('rod', scale) as React.SVGProps<SVGGElement>) : {}),
            onKeyDown: (e: React.KeyboardEvent) => {
              if (e.key === 'Enter' || e.key === ' ') {
                e.preventDefault();
                go(openingId);
              }
              const by = isRod ? nudgeOf(e, unit) : undefined;
              if (by && by.dyMm !== 0 && windowPlan) {
                e.preventDefault();
                change(acts.rodChanges(Math.min(file.room.ceilingMm, windowPlan.rodHeightMm + by.dyMm)));
              }
            },
          };
        }}
      >
        {(scale) => (
          <>
            {plan.rodLineMm !== null && (
              <line
                x1={scale.x(0)}
                x2={scale.x(elevation.lengthMm)}
                y1={scale.y(plan.rodLineMm)}
                y2={scale.y(plan.rodLineMm)}
                stroke="#141414"
                strokeWidth="0.8"
                strokeDasharray="1.5 4"
                pointerEvents="none"
              />
            )}
            {snapped && (
              <g pointerEvents="none">
                <line
                  x1={scale.x(0)}
                  x2={scale.x(elevation.lengthMm)}
                  y1={scale.y(snapped.rodMm)}
                  y2={scale.y(snapped.rodMm)}
                  stroke="#141414"
                  strokeWidth="1.3"
                  strokeDasharray="5 3"
                />
                <rect
                  x={scale.width / 2 - snapped.words.length * 3 - 8}
                  y="3"
                  width={snapped.words.length * 6 + 16}
                  height="18"
                  rx="2"
                  fill="#141414"
                />
                <text
                  x={scale.width / 2}
                  y="16"
                  textAnchor="middle"
                  fontSize="12"
                  fontWeight="600"
                  fill="#f5f5f5"
                >
                  <SvgWords>{snapped.words}</SvgWords>
                </text>
              </g>
            )}
            {round &&
              [...round.offsets]
                .slice(1)
                .map(([id, at]) => (
                  <line
                    key={id}
                    x1={scale.x(at)}
                    x2={scale.x(at)}
                    y1={scale.y(elevation.ceilingMm)}
                    y2={scale.y(0)}
                    stroke="#141414"
                    strokeWidth="0.8"
                    strokeDasharray="7 4"
                    pointerEvents="none"
                  />
                ))}
            {undressedOn(round ? [...round.offsets.keys()] : [shownWall]).map((o) => (
              <text
                key={o.id}
                x={atWall(scale, o.wallId).x(o.xMm + o.widthMm / 2)}
                y={scale.y(o.sillMm + o.heightMm) - 12}
                textAnchor="middle"
                fontSize="12.5"
                fontWeight="600"
                pointerEvents="none"
              >
                {t('windows.notDressed', { name: o.name })}
              </text>
            ))}
            {windowPlan &&
              (round ? windowPlan.openingIds : [current.id]).map((id) => {
                const o = windows.find((x) => x.id === id);
                return (
                  o && (
                    <WindowDimensions
                      key={id}
                      plan={windowPlan}
                      opening={o}
                      scale={atWall(scale, o.wallId)}
                      unit={unit}
                      ceilingMm={file.room.ceilingMm}
                      edits={acts}
                      whole={!round || o.id === windowPlan.openingIds[0]}
                    />
                  )
                );
              })}
          </>
        )}
      </WallDrawing>
    </Workspace>
  );

  function undressedOn(wallIds: readonly string[]) {
    return windows.filter((o) => wallIds.includes(o.wallId) && !planOf(o.id));
  }
}
