'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useRef, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { inches } from '../../core/base/units';
import { HANGING } from '../../core/model/defaults';
import type { Change } from '../../core/model/change';
import type { Hanging, Item } from '../../core/model/types';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { ClothChip } from '../shell/ClothChip';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { nudgeOf, useDrawingDrag } from '../shell/drawing/useDrag';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { useStash } from '../shell/useStash';
import { useWallName } from '../shell/useWords';
import { SheetHead, SheetTitle, Workspace } from '../shell/Workspace';
import { WallStrip } from '../shell/WallStrip';
import { HangingDimensions } from './HangingDimensions';
import { HangingSheet } from './HangingSheet';

/** Walls: every piece by its centre, its gap and its nail. */
export function WallsScreen(): ReactNode {
  const t = useTranslations();
  const { file, look, plan, wallId, picked, pick, preview, change } = useRoom();
  const wallName = useWallName();
  const paint = usePaint();
  const art = useStash('art');
  const unit = file.room.unit;
  const shownWall = wallId === 'plan' ? file.room.walls[0]!.id : wallId;
  const wall = plan.walls.find((w) => w.id === shownWall)!;
  const elevation = plan.elevations.find((e) => e.wallId === shownWall)!;
  const here = plan.hangings.filter((h) => h.wallId === shownWall);
  const current = here.find((h) => h.hangingId === picked) ?? here[0];
  const hanging = look.hangings.find((h) => h.id === current?.hangingId);
  const begun = useRef<{ hanging: Hanging; plan: HangingPlan } | null>(null);
  const moveOf = (from: { hanging: Hanging; plan: HangingPlan }, dx: number, dy: number): Change => ({ do: 'putHanging', lookId: look.id, hanging: { ...from.hanging, xMm: Math.min(wall.lengthMm, Math.max(0, from.plan.xMm + dx)), centreMm: dy === 0 ? from.hanging.centreMm : Math.min(file.room.ceilingMm, Math.max(0, from.plan.centreMm + dy)), gapMm: dy === 0 ? from.hanging.gapMm : null } });
  const drag = useDrawingDrag(unit, {
    start: (id) => { const p = plan.hangings.find((h) => h.hangingId === id); const h = look.hangings.find((x) => x.id === id); begun.current = p && h ? { hanging: h, plan: p } : null; pick(id); },
    move: (_id, dx, dy) => { if (begun.current && (dx !== 0 || dy !== 0)) preview([moveOf(begun.current, dx, dy)]); },
    end: (_id, dx, dy, moved) => { preview(null); if (moved && begun.current) change([moveOf(begun.current, dx, dy)]); },
  });
  const hang = (item: Item) => {
    const id = nanoid(8);
    const ring = Math.min(item.heightMm / 3, inches(6));
    change([{ do: 'putItem', item }, { do: 'putHanging', lookId: look.id, hanging: { ...HANGING, id, itemId: item.id, wallId: shownWall, hanger: { kind: 'wire', hooks: 2, ringDropMm: ring, ringsApartMm: item.widthMm * 0.8, wireMm: item.widthMm * 0.84, hooksApartMm: null } } }]);
    pick(id);
  };
  const findings = current ? plan.findings.filter((f) => f.stage === 'walls' && f.about.includes(current.hangingId)) : [];
  const item = itemOf(file, current?.itemId);
  const used = new Map<string, number>();
  for (const h of look.hangings) used.set(h.itemId, (used.get(h.itemId) ?? 0) + 1);
  return (
    <Workspace
      foot={<WallStrip withPlan={false} />}
      worksheet={(
        <>
          {here.length > 1 && <div className="mb-3 flex flex-wrap gap-x-4 gap-y-1 text-[14px]">{here.map((h) => <button key={h.hangingId} type="button" aria-pressed={h === current} onClick={() => pick(h.hangingId)} className="underline decoration-line underline-offset-4 aria-pressed:font-semibold aria-pressed:decoration-ink">{h.name}</button>)}</div>}
          {current && hanging && item ? <HangingSheet key={hanging.id} hanging={hanging} item={item} plan={current} findings={findings} /> : <><SheetTitle>{t('stages.walls')}</SheetTitle><p>{t('walls.none')}</p></>}
        </>
      )}
    >
      <SheetHead title={wallName(wall)} says={t('wall.size', { length: formatLength(wall.lengthMm, unit === 'in' ? 'ft-in' : unit), ceiling: formatLength(file.room.ceilingMm, unit === 'in' ? 'ft-in' : unit) })} />
      <WallDrawing
        elevation={elevation} title={wallName(wall)} height={397}
        shapeProps={(s, scale) => {
          const h = here.find((x) => x.hangingId === s.about);
          if (!h) return undefined;
          return {
            ...(drag(h.hangingId, scale) as React.SVGProps<SVGGElement>), role: 'button', tabIndex: 0, 'aria-label': h.name, 'aria-pressed': h === current, style: { cursor: 'grab', touchAction: 'none' }, onFocus: () => { if (picked !== h.hangingId) pick(h.hangingId); },
            onKeyDown: (e: React.KeyboardEvent) => {
              const by = nudgeOf(e, unit);
              const from = look.hangings.find((x) => x.id === h.hangingId);
              if (by && from) { e.preventDefault(); change([moveOf({ hanging: from, plan: h }, by.dxMm, by.dyMm)]); }
              if (e.key === 'Delete' || e.key === 'Backspace') { e.preventDefault(); change([{ do: 'removeHanging', lookId: look.id, id: h.hangingId }]); }
            },
          };
        }}
      >
        {(scale) => current && hanging && <HangingDimensions plan={current} hanging={hanging} scale={scale} />}
      </WallDrawing>
      <div className="no-print px-4 pb-3">
        <p className="mb-1 font-narrow text-[13px] font-semibold text-soft">{t('walls.hang')}</p>
        <div className="flex gap-2 overflow-x-auto pb-1">
          {art.map(({ elsewhere, ...a }) => (
            <button key={a.id} type="button" onClick={() => hang(a)} className="w-[112px] shrink-0 text-left text-[13px] leading-tight" title={a.name}>
              <ClothChip item={a} paint={paint} width={112} height={40} />
              <span className="mt-1 block truncate font-medium">{a.name}</span>
              <span className="block text-soft">{formatLength(a.widthMm, unit)} × {formatLength(a.heightMm, unit)}</span>
              <span className="block text-soft">{t('seats.have', { free: Math.max(0, a.count - (used.get(a.id) ?? 0) - (elsewhere?.count ?? 0)), count: a.count })}</span>
            </button>
          ))}
        </div>
      </div>
    </Workspace>
  );
}
