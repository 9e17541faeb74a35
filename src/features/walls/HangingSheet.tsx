'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareLength, formatLength } from '../../core/base/length';
import { inches } from '../../core/base/units';
import type { Hanger, Hanging, Item } from '../../core/model/types';
import { isLamp } from '../../core/room/kinds';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { waking } from '../../ui/Awake';
import { Button } from '../../ui/Button';
import { Choice, Pick } from '../../ui/Choice';
import { LengthField, TAKEN, type Answer } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { Findings } from '../shell/Findings';
import { useRoom } from '../shell/room/RoomContext';
import { massWords } from '../../messages/findingWords';
import { useMeasureWords } from '../shell/useWords';
import { Why } from '../shell/Why';
import { Numeral, SheetTitle } from '../shell/Workspace';
import { useWallActs } from './useWallActs';

const HangingMore = dynamic(() => import('./HangingMore').then((m) => waking(m.HangingMore)));

type HangerChoice = 'wire1' | 'wire2' | 'sawtooth' | 'dRings' | 'cleat';

/** A hanger of another kind for the same frame, with usual measures. */
function otherHanger(kind: HangerChoice, item: Item, from: Hanger): Hanger {
  const ringDropMm = Math.min(item.heightMm / 3, inches(6));
  const apart = item.widthMm * 0.8;
  switch (kind) {
    case 'wire1':
    case 'wire2':
      return from.kind === 'wire'
        ? { ...from, hooks: kind === 'wire1' ? 1 : 2 }
        : {
            kind: 'wire',
            hooks: kind === 'wire1' ? 1 : 2,
            ringDropMm,
            ringsApartMm: apart,
            wireMm: apart * 1.05,
            hooksApartMm: null,
          };
    case 'sawtooth':
      return { kind: 'sawtooth', dropMm: inches(0.75) };
    case 'cleat':
      return { kind: 'cleat', dropMm: inches(2), widthMm: item.widthMm * 0.6 };
    case 'dRings':
      return {
        kind: 'dRings',
        dropMm: from.kind === 'wire' ? from.ringDropMm : ringDropMm,
        ringsApartMm: apart,
      };
  }
}

/** Worksheet of one hung piece. */
export function HangingSheet({
  hanging: h,
  item,
  plan: p,
  findings,
  sight,
}: {
  hanging: Hanging;
  item: Item;
  plan: HangingPlan;
  findings: HangingPlan['findings'];
  /** Which standpoint's view into its glass is drawn; left out where there is no room for it. */ sight?: {
    fromId: string | null;
    show: (fromId: string | null) => void;
  };
}): ReactNode {
  const t = useTranslations('walls');
  const { file, look, change, pick } = useRoom();
  const words = useMeasureWords(file.room.unit);
  const unit = file.room.unit;
  const acts = useWallActs();
  const group = acts.groupOf(h.groupId);
  const move = (xMm: number, centreMm: number): Answer => {
    change(acts.moveTo(h, p, xMm, centreMm));
    return TAKEN;
  };
  const put = (patch: Partial<Hanging>): void =>
    change([{ do: 'putHanging', lookId: look.id, hanging: { ...h, ...patch } }]);
  const set = (patch: Partial<Hanging>): Answer => {
    put(patch);
    return TAKEN;
  };
  const setHanger = (patch: Partial<Hanger>): Answer => set({ hanger: { ...h.hanger, ...patch } as Hanger });
  const key = (field: string) => `${file.room.id}-${h.id}-${field}`;
  const positive = (mm: number, take: () => Answer): Answer =>
    mm > 0
      ? take()
      : {
          took: false,
          message: words({
            code: 'not-positive' as 'sill-above-head',
            level: 'refuse',
            path: [],
            about: '',
            field: '',
            cameMm: mm,
            expectedMm: 300,
          }),
        };
  const wire = h.hanger.kind === 'wire' && h.hanger.hooks === 1 ? 'wire1' : 'wire2';
  const choice: HangerChoice = h.hanger.kind === 'wire' ? wire : h.hanger.kind;
  const over = file.pieces.find((x) => x.id === h.overPieceId);
  const candidates = file.pieces.filter((x) => x.kind !== 'rug' && !isLamp(x) && x.kind !== 'plant');
  const bare = (mm: number) => formatBareLength(mm, unit);
  return (
    <>
      <SheetTitle
        says={t('size', {
          width: bare(item.widthMm),
          height: formatLength(item.heightMm, unit),
          mass: massWords(item.massG, unit),
        })}
      >
        {item.name}
      </SheetTitle>
      {group && (
        <p className="mb-2 flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[14px]">
          <span>{t('inGroup', { name: group.name })}</span>
          <Button small onClick={() => pick(group.id)}>
            {t('toGroup')}
          </Button>
          <Button small look="quiet" onClick={() => acts.leave(h, p)}>
            {t('leave')}
          </Button>
        </p>
      )}
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Numeral label={t('centre')} rule="walls.centre">
          {formatLength(p.centreMm, unit)}
        </Numeral>
        {p.gapMm !== null && over ? (
          <Numeral label={t('gap', { over: over.name })} rule={p.rulesUsed.height}>
            {formatLength(p.gapMm, unit)}
          </Numeral>
        ) : (
          <Numeral label={t('fromLeft')} rule="walls.across">
            {formatLength(p.xMm, unit)}
          </Numeral>
        )}
        <Numeral
          label={p.nails.length > 1 ? t('nail') : t('nailOne')}
          rule={p.nails.length > 1 && h.hanger.kind === 'wire' ? p.rulesUsed.hooks : 'walls.hookClasses'}
          note={`${p.nails.map((n) => bare(n.xMm)).join(' · ')} ${t('fromLeftNails')}${p.hookClassG === null ? '' : `, ${t('nailLb', { mass: massWords(p.hookClassG, unit) })}`}`}
        >
          {formatLength(p.nails[0]!.heightMm, unit)}
        </Numeral>
        {p.widthShare !== null && over && (
          <Numeral
            label={t('width')}
            rule="walls.widthShare"
            note={t('share', { over: over.name })}
          >{`${Math.round(p.widthShare * 100)}%`}</Numeral>
        )}
      </div>
      {!h.leans && (
        <p className="mt-1.5 text-[13px] text-soft">
          <Words>
            {t(h.hanger.kind === 'wire' ? 'taut' : 'tautOther', { drop: formatLength(p.nailDropMm, unit) })}
          </Words>
        </p>
      )}
      <Findings findings={findings} title={t('checks')} />
      <section className="mt-5 space-y-2.5 border-t-2 border-ink pt-3">
        {!group && (
          <Pick
            label={t('over')}
            value={h.overPieceId ?? ''}
            options={[
              { value: '', label: t('bare') },
              ...candidates.map((c) => ({ value: c.id, label: c.name })),
            ]}
            onChange={(id) => put({ overPieceId: id || null, xMm: null, centreMm: null, gapMm: null })}
          />
        )}
        <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2.5">
          <LengthField
            label={t('fromLeft')}
            draftKey={key('x')}
            valueMm={p.xMm}
            unit={unit}
            onCommit={(xMm) => move(xMm, p.centreMm)}
            onClear={() => put(group ? { groupAt: null } : { xMm: null })}
          >
            <Why rule="walls.across" />
          </LengthField>
          {!h.leans && (
            <LengthField
              label={t('centre')}
              draftKey={key('centre')}
              valueMm={p.centreMm}
              unit={unit}
              onCommit={(centreMm) => move(p.xMm, centreMm)}
              onClear={() => put(group ? { groupAt: null } : { centreMm: null })}
            >
              <Why rule={p.rulesUsed.height} />
            </LengthField>
          )}
          {!h.leans && (
            <LengthField
              label={t('nailHeight')}
              draftKey={key('nail')}
              valueMm={p.nails[0]!.heightMm}
              unit={unit}
              onCommit={(mm) => move(p.xMm, p.centreMm + mm - p.nails[0]!.heightMm)}
              onClear={() => put(group ? { groupAt: null } : { centreMm: null })}
            />
          )}
          {over && !group && !h.leans && (
            <LengthField
              label={t('gap', { over: over.name })}
              draftKey={key('gap')}
              valueMm={p.gapMm ?? 0}
              unit={unit}
              onCommit={(gapMm) => set({ gapMm, centreMm: null })}
              onClear={() => put({ gapMm: null })}
            />
          )}
        </div>
        {p.holes.shift && (
          <Button
            small
            onClick={() => {
              move(p.xMm + p.holes.shift!.dxMm, p.centreMm + p.holes.shift!.dyMm);
            }}
          >
            {t('holeShift')}
          </Button>
        )}
        {group && (
          <label className="flex min-h-[26px] items-center gap-2 text-[14px]">
            <input
              type="checkbox"
              className="accent-black"
              checked={h.pinned}
              onChange={(e) => put({ pinned: e.target.checked })}
            />
            {t('pin')}
          </label>
        )}
        {!group && (
          <label className="flex min-h-[26px] items-center gap-2 text-[14px]">
            <input
              type="checkbox"
              className="accent-black"
              checked={h.leans}
              onChange={(e) => put({ leans: e.target.checked })}
            />
            {t('leans')}
          </label>
        )}
        <div>
          <p className="mb-1 flex justify-between font-narrow text-[13px] text-soft">
            <span>{t('hanger')}</span>
            <Why rule="walls.hookSpread" />
          </p>
          <Choice
            label={t('hanger')}
            value={choice}
            onChange={(k) => put({ hanger: otherHanger(k, item, h.hanger) })}
            options={(['wire1', 'wire2', 'sawtooth', 'dRings', 'cleat'] as const).map((k) => ({
              value: k,
              label: t(k),
            }))}
          />
        </div>
        <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
          {h.hanger.kind === 'wire' && (
            <>
              <LengthField
                label={t('ringDrop')}
                draftKey={key('ringDrop')}
                valueMm={h.hanger.ringDropMm}
                unit={unit}
                onCommit={(ringDropMm) => setHanger({ ringDropMm })}
              />
              <LengthField
                label={t('ringsApart')}
                draftKey={key('ringsApart')}
                valueMm={h.hanger.ringsApartMm}
                unit={unit}
                onCommit={(mm) => positive(mm, () => setHanger({ ringsApartMm: mm }))}
              />
              <LengthField
                label={t('wireLength')}
                draftKey={key('wire')}
                valueMm={h.hanger.wireMm}
                unit={unit}
                onCommit={(mm) => positive(mm, () => setHanger({ wireMm: mm }))}
              />
              {h.hanger.hooks === 2 && (
                <LengthField
                  label={t('hooksApart')}
                  draftKey={key('hooks')}
                  valueMm={p.hooksApartMm}
                  unit={unit}
                  onCommit={(mm) => positive(mm, () => setHanger({ hooksApartMm: mm }))}
                  onClear={() => setHanger({ hooksApartMm: null })}
                />
              )}
            </>
          )}
          {h.hanger.kind === 'cleat' && (
            <>
              <LengthField
                label={t('drop')}
                draftKey={key('cdrop')}
                valueMm={h.hanger.dropMm}
                unit={unit}
                onCommit={(dropMm) => setHanger({ dropMm })}
              />
              <LengthField
                label={t('cleatWide')}
                draftKey={key('cwide')}
                valueMm={h.hanger.widthMm}
                unit={unit}
                onCommit={(mm) => positive(mm, () => setHanger({ widthMm: mm }))}
              />
            </>
          )}
          {h.hanger.kind === 'sawtooth' && (
            <LengthField
              label={t('drop')}
              draftKey={key('drop')}
              valueMm={h.hanger.dropMm}
              unit={unit}
              onCommit={(dropMm) => setHanger({ dropMm })}
            />
          )}
          {h.hanger.kind === 'dRings' && (
            <>
              <LengthField
                label={t('drop')}
                draftKey={key('ddrop')}
                valueMm={h.hanger.dropMm}
                unit={unit}
                onCommit={(dropMm) => setHanger({ dropMm })}
              />
              <LengthField
                label={t('ringsApart')}
                draftKey={key('dApart')}
                valueMm={h.hanger.ringsApartMm}
                unit={unit}
                onCommit={(mm) => positive(mm, () => setHanger({ ringsApartMm: mm }))}
              />
            </>
          )}
        </div>
        <Button
          small
          onClick={() => {
            change([{ do: 'removeHanging', lookId: look.id, id: h.id }]);
            pick(null);
          }}
        >
          {t('takeDown')}
        </Button>
      </section>
      {sight && (
        <HangingMore hanging={h} item={item} plan={p} sightFrom={sight.fromId} onSight={sight.show} />
      )}
    </>
  );
}
