'use client';
import type { Mm } from '../../core/base/units';
import { findOne } from '../../core/base/list';
import { Disclosure } from '../../ui/Collapsible';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { formatBareSize, formatLength } from '../../core/base/length';
import type { PillowPlan, SeatPlan } from '../../core/stages/seats/planSeat';
import { Words } from '../../ui/Words';
import { ClothChip } from '../shell/ClothChip';
import { Findings } from '../shell/Findings';
import { usePlacing } from '../shell/placing/usePlacing';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { SheetTitle } from '../shell/Workspace';
import { CushionsOut } from './CushionsOut';

const ThrowForm = dynamic(() => import('./ThrowForm').then((m) => m.ThrowForm), { loading: () => null });
const PillowForm = dynamic(() => import('./PillowForm').then((m) => m.PillowForm), { loading: () => null });

/** Worksheet of one seat: pillows back to front with cover and insert, and the checks. */
export function SeatSheet({ plan: s }: { plan: SeatPlan }): ReactNode {
  const t = useTranslations('seats');
  const { file, look, plan, picked, pick } = useRoom();
  const paint = usePaint();
  const acts = usePlacing();
  const unit = file.room.unit;
  const sizeOf = (thing: { widthMm: Mm; heightMm: Mm }) =>
    formatBareSize(thing.widthMm, thing.heightMm, unit);
  const short = plan.sheet.inserts;
  const buys = (p: PillowPlan) =>
    p.insert.insert !== null &&
    short.some(
      (n) =>
        n.buy > 0 &&
        n.fill === p.fill &&
        Math.abs(n.widthMm - p.insert.insert!.widthMm) < 5 &&
        Math.abs(n.heightMm - p.insert.insert!.heightMm) < 5,
    );
  const own = new Set([...s.pillows, ...s.throws].map((p) => p.placementId));
  const findings = plan.findings.filter(
    (f) => f.stage === 'seats' && (f.about.includes(s.pieceId) || f.about.some((id) => own.has(id))),
  );
  return (
    <>
      <SheetTitle>{t('pillows', { count: s.pillows.length })}</SheetTitle>
      <CushionsOut pieceId={s.pieceId} />
      <ol>
        {s.pillows.map((p) => {
          const placement = findOne(look.placements, (x) => x.id === p.placementId);
          const item = itemOf(file, p.itemId)!;
          const open = picked === p.placementId;
          return (
            <li
              key={p.placementId}
              className={`-mx-2 border-b border-line px-2 ${open ? 'my-1 border-2 border-ink bg-white' : ''}`}
            >
              <Disclosure
                open={open}
                onOpenChange={(next) => pick(next ? p.placementId : null)}
                triggerClass="grid w-full grid-cols-[36px_1fr_auto_auto] items-center gap-x-2.5 py-1.5 text-left text-[14px]"
                trigger={
                  <>
                    <ClothChip item={item} paint={paint} />
                    <span className="font-semibold leading-tight">{p.name}</span>
                    <span className="text-soft">
                      <Words>{t('cover', { size: sizeOf(item) })}</Words>
                    </span>
                    <span className="min-w-[88px] text-right">
                      <Words>
                        {p.insert.insert
                          ? `${sizeOf(p.insert.insert)} ${buys(p) ? t('toBuy') : t(p.fill)}`
                          : t('noInsert')}
                      </Words>
                    </span>
                  </>
                }
              >
                <PillowForm plan={p} item={item} placement={placement} acts={acts} />
              </Disclosure>
            </li>
          );
        })}
      </ol>
      <Throws plan={s} />
      <Findings findings={findings} title={t('checks')} />
    </>
  );
}

/** Throws on the seat and its arms, with the band that each makes. */
function Throws({ plan: { throws } }: { plan: SeatPlan }): ReactNode {
  const t = useTranslations('seats');
  const { file, look, picked, pick } = useRoom();
  const paint = usePaint();
  const acts = usePlacing();
  if (throws.length === 0) return null;
  return (
    <ul aria-label={t('throws')}>
      {throws.map((plan) => {
        const { placementId, item, lie, path } = plan;
        const open = picked === placementId;
        return (
          <li
            key={placementId}
            className={`-mx-2 border-b border-line px-2 ${open ? 'my-1 border-2 border-ink bg-white' : ''}`}
          >
            <Disclosure
              open={open}
              onOpenChange={(next) => pick(next ? placementId : null)}
              triggerClass="grid w-full grid-cols-[36px_1fr_auto] items-center gap-x-2.5 py-1.5 text-left text-[14px]"
              trigger={
                <>
                  <ClothChip item={item} paint={paint} />
                  <span className="font-semibold leading-tight">{item.name}</span>
                  <span className="text-right text-soft">
                    <Words>
                      {t('laidAs', {
                        lie: t(`lies.${lie}`),
                        width: formatLength(path.bandMm, file.room.unit),
                      })}
                    </Words>
                  </span>
                </>
              }
            >
              <ThrowForm
                plan={plan}
                placement={findOne(look.placements, (x) => x.id === placementId)}
                acts={acts}
              />
            </Disclosure>
          </li>
        );
      })}
    </ul>
  );
}
