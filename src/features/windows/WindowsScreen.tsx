'use client';
import { useTranslations } from 'next-intl';
import { PageLink } from '../../ui/PageLink';
import { useRef, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { Button } from '../../ui/Button';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { nudgeOf, useDrawingDrag } from '../shell/drawing/useDrag';
import { isGlazed } from '../../core/room/kinds';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';
import { SheetHead, SheetTitle, Workspace } from '../shell/Workspace';
import { WallStrip } from '../shell/WallStrip';
import { useWindowActs } from './useWindowActs';
import { WindowDimensions } from './WindowDimensions';
import { WindowSheet } from './WindowSheet';

/** Windows: curtains drawn as they are computed, worked on at true scale. */
export function WindowsScreen(): ReactNode {
  const t = useTranslations();
  const { file, look, plan, wallId, setWall, picked, pick, preview, change } = useRoom();
  const wallName = useWallName();
  const unit = file.room.unit;
  const windows = file.openings.filter(isGlazed);
  const onWall = windows.filter((o) => o.wallId === wallId);
  const dressingOf = (openingId: string) => look.dressings.find((d) => d.openingId === openingId);
  const current = windows.find((o) => o.id === picked || dressingOf(o.id)?.id === picked) ?? onWall.find((o) => dressingOf(o.id)) ?? onWall[0] ?? windows.find((o) => dressingOf(o.id)) ?? windows[0];
  const shownWall = current?.wallId ?? (wallId === 'plan' ? file.room.walls[0]!.id : wallId);
  const dressing = current && dressingOf(current.id);
  const windowPlan = plan.windows.find((w) => w.openingId === current?.id);
  const acts = useWindowActs(current, dressing, windowPlan);
  const begun = useRef(0);
  const drag = useDrawingDrag(unit, {
    start: () => { begun.current = windowPlan?.rodHeightMm ?? 0; },
    move: (_k, _dx, dy) => preview(acts.rodChanges(Math.min(file.room.ceilingMm, Math.max(100, begun.current + dy)))),
    end: (_k, _dx, dy, moved) => { preview(null); if (moved && dy !== 0) acts.setRod(Math.min(file.room.ceilingMm, Math.max(100, begun.current + dy))); },
  });
  const wall = plan.walls.find((w) => w.id === shownWall)!;
  const elevation = plan.elevations.find((e) => e.wallId === shownWall)!;
  const go = (openingId: string) => { const o = windows.find((x) => x.id === openingId); if (o) { setWall(o.wallId); pick(o.id); } };
  const ids = new Map(look.dressings.map((d) => [d.id, d.openingId]));

  if (!current) {
    return (
      <Workspace foot={<WallStrip withPlan={false} />} worksheet={<><SheetTitle>{t('stages.windows')}</SheetTitle><p>{t('windows.none')}</p><p className="mt-3"><PageLink className="underline underline-offset-4" href={`/rooms/${file.room.id}/measure?look=${look.id}&wall=${shownWall}`}>{t('windows.goMeasure')}</PageLink></p></>}>
        <SheetHead title={wallName(wall)} says="" /><WallDrawing elevation={elevation} title={wallName(wall)} />
      </Workspace>
    );
  }
  return (
    <Workspace
      foot={<WallStrip withPlan={false} />}
      worksheet={(
        <>
          {windows.length > 1 && <div className="mb-3 flex flex-wrap gap-x-4 gap-y-1 text-[14px]">{windows.map((o) => <button key={o.id} type="button" aria-pressed={o.id === current.id} onClick={() => go(o.id)} className="underline decoration-line underline-offset-4 aria-pressed:font-semibold aria-pressed:decoration-ink">{o.name}</button>)}</div>}
          {dressing && windowPlan ? <WindowSheet key={dressing.id} opening={current} dressing={dressing} plan={windowPlan} /> : (
            <><SheetTitle says={t('windows.facts', { width: formatLength(current.widthMm, unit), height: formatLength(current.heightMm, unit), sill: formatLength(current.sillMm, unit), top: formatLength(current.sillMm + current.heightMm, unit) })}>{current.name}</SheetTitle><Button look="strong" onClick={acts.dress}>{t('windows.dress')}</Button></>
          )}
        </>
      )}
    >
      <SheetHead title={wallName(wall)} says={t('wall.size', { length: formatLength(wall.lengthMm, unit === 'in' ? 'ft-in' : unit), ceiling: formatLength(file.room.ceilingMm, unit === 'in' ? 'ft-in' : unit) })} />
      <WallDrawing
        elevation={elevation} title={wallName(wall)}
        shapeProps={(s, scale) => {
          const openingId = ids.get(s.about) ?? (windows.some((o) => o.id === s.about) ? s.about : undefined);
          if (!openingId) return undefined;
          const isRod = s.form === 'rod' && openingId === current.id;
          const name = `${file.openings.find((o) => o.id === openingId)!.name}${isRod ? `, ${t('windows.rod')}` : ''}`;
          return {
            ...(s.form === 'rod' || s.form === 'frame' ? { role: 'button', tabIndex: 0, 'aria-label': name } : {}), style: { cursor: isRod ? 'ns-resize' : 'pointer', touchAction: 'none' },
            onClick: () => go(openingId),
            ...(isRod ? (drag('rod', scale) as React.SVGProps<SVGGElement>) : {}),
            onKeyDown: (e: React.KeyboardEvent) => {
              if (e.key === 'Enter' || e.key === ' ') { e.preventDefault(); go(openingId); }
              const by = isRod ? nudgeOf(e, unit) : undefined;
              if (by && by.dyMm !== 0 && windowPlan) { e.preventDefault(); change(acts.rodChanges(Math.min(file.room.ceilingMm, windowPlan.rodHeightMm + by.dyMm))); }
            },
          };
        }}
      >
        {(scale) => (
          <>
            {plan.rodLineMm !== null && <line x1={scale.x(0)} x2={scale.x(elevation.lengthMm)} y1={scale.y(plan.rodLineMm)} y2={scale.y(plan.rodLineMm)} stroke="#141414" strokeWidth="0.8" strokeDasharray="1.5 4" pointerEvents="none" />}
            {onWallUndressed(shownWall).map((o) => <text key={o.id} x={scale.x(o.xMm + o.widthMm / 2)} y={scale.y(o.sillMm + o.heightMm) - 12} textAnchor="middle" fontSize="12.5" fontWeight="600" pointerEvents="none">{t('windows.notDressed', { name: o.name })}</text>)}
            {windowPlan && current.wallId === shownWall && <WindowDimensions plan={windowPlan} opening={current} scale={scale} unit={unit} edits={acts} />}
          </>
        )}
      </WallDrawing>
    </Workspace>
  );

  function onWallUndressed(id: string) {
    return windows.filter((o) => o.wallId === id && !dressingOf(o.id));
  }
}
