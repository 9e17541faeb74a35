'use client';
import type { Mm } from '../../core/base/units';
import { findOne } from '../../core/base/list';
import { Disclosure } from '../../ui/Collapsible';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareSize, formatLength } from '../../core/base/length';
import type { Placement } from '../../core/model/types';
import type { PillowPlan, SeatPlan } from '../../core/stages/seats/planSeat';
import { Button } from '../../ui/Button';
import { RadioGroup } from '../../ui/RadioGroup';
import { LengthField, TAKEN } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { ClothChip } from '../shell/ClothChip';
import { Findings } from '../shell/Findings';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { Why } from '../shell/Why';
import { SheetTitle } from '../shell/Workspace';
import { useSeatActs } from './useSeatActs';

/** Worksheet of one seat: pillows back to front with cover and insert, and the checks. */
export function SeatSheet({ plan: s }: { plan: SeatPlan }): ReactNode {
  const t = useTranslations('seats');
  const { file, look, plan, picked, pick } = useRoom();
  const paint = usePaint();
  const piece = findOne(file.pieces, (p) => p.id === s.pieceId);
  const acts = useSeatActs(piece);
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
  const findings = plan.findings.filter(
    (f) =>
      f.stage === 'seats' &&
      (f.about.includes(s.pieceId) || f.about.some((id) => s.pillows.some((p) => p.placementId === id))),
  );
  return (
    <>
      <SheetTitle>{t('pillows', { count: s.pillows.length })}</SheetTitle>
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
                <PillowForm plan={p} placement={placement} acts={acts} />
              </Disclosure>
            </li>
          );
        })}
      </ol>
      <Findings findings={findings} title={t('checks')} />
    </>
  );
}

function PillowForm({
  plan: p,
  placement,
  acts,
}: {
  plan: PillowPlan;
  placement: Placement;
  acts: ReturnType<typeof useSeatActs>;
}): ReactNode {
  const t = useTranslations('seats');
  const { file } = useRoom();
  const unit = file.room.unit;
  return (
    <div className="space-y-2.5 pb-3 pt-1">
      <p className="flex justify-between text-[13px] text-soft">
        <span>
          <Words>{`${t('useWidth', { width: formatLength(p.useWidthMm, unit) })}, ${t('plump', { percent: `${Math.round(p.insert.plumpness * 100)}%` })}`}</Words>
        </span>
        <Why rule={p.insert.rule} />
      </p>
      <div className="grid grid-cols-2 gap-x-4">
        <LengthField
          label={t('place')}
          draftKey={`${file.room.id}-${p.placementId}-x`}
          valueMm={p.xMm}
          unit={unit}
          onCommit={(xMm) => {
            acts.set(placement, { xMm });
            return TAKEN;
          }}
        />
        <div>
          <p className="mb-1 font-narrow text-[13px] text-soft">{t('fill')}</p>
          <RadioGroup
            label={t('fill')}
            value={p.fill}
            onChange={(fill) => acts.set(placement, { fill })}
            options={(['feather', 'polyester', 'foam'] as const).map((f) => ({ value: f, label: t(f) }))}
          />
        </div>
      </div>
      <div className="flex flex-wrap gap-1.5">
        <Button small onClick={() => acts.set(placement, { layer: Math.min(20, placement.layer + 1) })}>
          {t('front')}
        </Button>
        <Button
          small
          disabled={placement.layer === 0}
          onClick={() => acts.set(placement, { layer: placement.layer - 1 })}
        >
          {t('back')}
        </Button>
        {p.cover.widthMm !== p.cover.heightMm && (
          <Button small onClick={() => acts.set(placement, { turned: !placement.turned })}>
            {t('turn')}
          </Button>
        )}
        <Button small onClick={() => acts.takeOff(placement)}>
          {t('takeOff')}
        </Button>
      </div>
    </div>
  );
}
