'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareLength, formatLength } from '../../core/base/length';
import type { HangingGroup } from '../../core/model/types';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import { Button } from '../../ui/Button';
import { Pick } from '../../ui/Choice';
import { LengthField, NumberField, TAKEN, type Answer } from '../../ui/Field';
import { Fold } from '../../ui/Fold';
import { Words } from '../../ui/Words';
import { Findings } from '../shell/Findings';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { useStash } from '../shell/useStash';
import { Why } from '../shell/Why';
import { Numeral, SheetTitle } from '../shell/Workspace';
import { GallerySearch } from './GallerySearch';
import { TemplateLinks } from './TemplateLinks';
import { PlannedPiece } from './PlannedPiece';
import { useWallActs } from './useWallActs';

const KINDS = ['row', 'column', 'grid', 'stair', 'hinged', 'pair', 'free'] as const;

/**
 * Worksheet of several pieces that hang as one: the whole's height and gaps, its frames in their order, how
 * they are laid out.
 */
export function GroupSheet({ group: g, plan: p }: { group: HangingGroup; plan: GroupPlan }): ReactNode {
  const t = useTranslations('walls');
  const { file, plan, rules, change, pick } = useRoom();
  const acts = useWallActs();
  const unit = file.room.unit;
  const length = (mm: number) => formatLength(mm, unit);
  const bare = (mm: number) => formatBareLength(mm, unit);
  const members = acts.membersOf(g.id);
  const over = file.pieces.find((x) => x.id === g.overPieceId);
  const findings = plan.findings.filter((f) => f.stage === 'walls' && f.about.includes(g.id));
  const relay = (patch: Partial<HangingGroup>) => acts.relay(g, patch);
  const set = (patch: Partial<HangingGroup>): Answer => {
    relay(patch);
    return TAKEN;
  };
  const key = (field: string) => `${file.room.id}-${g.id}-${field}`;
  const stand = acts.standOf(g);
  const order = (from: number, to: number) => {
    const ids = members.map((m) => m.id);
    const [id] = ids.splice(from, 1);
    ids.splice(to, 0, id!);
    acts.reorder(g, ids);
  };
  const zone = (patch: Partial<NonNullable<HangingGroup['zone']>>): Answer =>
    set({ zone: { ...g.zone!, ...patch }, xMm: null, centreMm: null });
  const widen = acts.widen(g, p);
  const below = file.pieces.filter((x) => x.kind !== 'rug');
  const axes = [
    ...file.fittings.filter(
      (f) =>
        f.wallId === g.wallId &&
        (f.kind === 'tv' || f.kind === 'fireplace' || f.kind === 'shelf' || f.kind === 'stove'),
    ),
    ...below,
  ];
  return (
    <>
      <SheetTitle says={`${bare(p.widthMm)} × ${length(p.heightMm)}, ${t(`kinds.${g.kind}`)}`}>
        {g.name}
      </SheetTitle>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Numeral label={t('centre')} rule={p.rulesUsed.height}>
          {length(p.centreMm)}
        </Numeral>
        <Numeral label={t('groupGap')} rule="walls.gap">
          {length(p.gapMm)}
        </Numeral>
        {p.aboveMm !== null && over ? (
          <Numeral label={t('gap', { over: over.name })} rule={p.rulesUsed.height}>
            {length(p.aboveMm)}
          </Numeral>
        ) : (
          <Numeral label={t('fromLeft')} rule="walls.across">
            {length(p.xMm)}
          </Numeral>
        )}
        {p.widthShare !== null && over && (
          <Numeral
            label={t('width')}
            rule="walls.widthShare"
            note={t('share', { over: over.name })}
          >{`${Math.round(p.widthShare * 100)}%`}</Numeral>
        )}
      </div>
      {p.schools.part && (
        <div className="mt-2 text-[14px]">
          <p>
            <Words>
              {t('schoolsSay', { single: length(p.schools.singleMm), quarter: length(p.schools.quarterMm) })}
            </Words>{' '}
            <Why rule="walls.gallerySchool" />
          </p>
          <p className="mt-1 flex gap-2">
            {[p.schools.singleMm, p.schools.quarterMm].map((mm, i) => (
              <Button
                key={i}
                small
                disabled={Math.abs(p.centreMm - mm) < 1}
                onClick={() => change(acts.moveGroup(g, 0, mm - p.centreMm, stand))}
              >
                <span>
                  <Words>{t('useSingle', { by: length(mm) })}</Words>
                </span>
              </Button>
            ))}
          </p>
        </div>
      )}
      <section className="mt-4">
        <h3 className="mb-1 font-sans text-[14px] font-semibold">{t('members')}</h3>
        {members.length === 0 && <p className="text-[14px] text-soft">{t('needFrames')}</p>}
        <ol>
          {members.map((h, i) => {
            const item = itemOf(file, h.itemId);
            const name = item?.name ?? '';
            return (
              <li
                key={h.id}
                className="grid grid-cols-[1fr_auto] items-baseline gap-2 border-t border-line py-1 text-[14px] last:border-b"
              >
                <button
                  type="button"
                  onClick={() => pick(h.id)}
                  className="truncate pb-1 text-left underline decoration-line underline-offset-4"
                >
                  <Words>{`${name}, ${bare(item?.widthMm ?? 0)} × ${bare(item?.heightMm ?? 0)}`}</Words>
                </button>
                <span className="flex gap-1">
                  <Button
                    small
                    look="quiet"
                    aria-label={t('up', { name })}
                    disabled={i === 0}
                    onClick={() => order(i, i - 1)}
                  >
                    ↑
                  </Button>
                  <Button
                    small
                    look="quiet"
                    aria-label={t('down', { name })}
                    disabled={i === members.length - 1}
                    onClick={() => order(i, i + 1)}
                  >
                    ↓
                  </Button>
                  <Button
                    small
                    look="quiet"
                    aria-label={t('out', { name })}
                    onClick={() => change([{ do: 'removeHanging', lookId: plan.lookId, id: h.id }])}
                  >
                    ×
                  </Button>
                </span>
              </li>
            );
          })}
        </ol>
        <AddFrames group={g} />
      </section>
      <section className="mt-4 space-y-2.5 border-t-2 border-ink pt-3">
        <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2.5">
          <Pick
            label={t('groupKind')}
            value={g.kind}
            options={KINDS.map((k) => ({ value: k, label: t(`kinds.${k}`) }))}
            onChange={(kind) => relay({ kind })}
          />
          {g.kind === 'hinged' && (
            <Pick
              label={t('hinge')}
              value={g.hinge}
              options={(['tops', 'centres', 'bottoms', 'line'] as const).map((h) => ({
                value: h,
                label: t(`hinges.${h}`),
              }))}
              onChange={(hinge) => relay({ hinge })}
            />
          )}
          {g.kind === 'pair' && (
            <Pick
              label={t('axis')}
              value={g.axisId ?? ''}
              options={[
                { value: '', label: t('axisNone') },
                ...axes.map((a) => ({ value: a.id, label: a.name })),
              ]}
              onChange={(id) => relay({ axisId: id || null })}
            />
          )}
          <LengthField
            label={t('groupGap')}
            draftKey={key('gap')}
            valueMm={p.gapMm}
            unit={unit}
            onCommit={(gapMm) => set({ gapMm })}
            onClear={() => relay({ gapMm: null })}
          />
          {g.kind === 'grid' && (
            <NumberField
              label={t('columns')}
              draftKey={key('columns')}
              value={g.columns ?? Math.max(1, Math.ceil(Math.sqrt(members.length)))}
              step={1}
              examples="2, 3"
              within={[1, 40]}
              whole
              onCommit={(columns) => set({ columns })}
              onClear={() => relay({ columns: null })}
            />
          )}
          {g.kind === 'stair' && (
            <NumberField
              label={t('pitch')}
              draftKey={key('pitch')}
              value={g.pitchDeg ?? rules.number('walls.stairPitch')}
              decimals={1}
              suffix="°"
              examples="37"
              within={[-60, 60]}
              onCommit={(pitchDeg) => set({ pitchDeg })}
              onClear={() => relay({ pitchDeg: null })}
            >
              <Why rule="walls.stairPitch" />
            </NumberField>
          )}
          {g.kind === 'pair' && (
            <LengthField
              label={t('apart')}
              draftKey={key('apart')}
              valueMm={p.apartMm ?? 0}
              unit={unit}
              onCommit={(apartMm) => set({ apartMm })}
              onClear={() => relay({ apartMm: null })}
            />
          )}
          <Pick
            label={t('over')}
            value={g.overPieceId ?? ''}
            options={[{ value: '', label: t('bare') }, ...below.map((c) => ({ value: c.id, label: c.name }))]}
            onChange={(id) => relay({ overPieceId: id || null, xMm: null, centreMm: null, aboveMm: null })}
          />
          {widen && (
            <LengthField
              label={t('wholeWidth')}
              draftKey={key('whole')}
              valueMm={p.widthMm}
              unit={unit}
              onCommit={widen}
              onClear={() => relay({ gapMm: null })}
            />
          )}
          <LengthField
            label={t('fromLeft')}
            draftKey={key('x')}
            valueMm={p.xMm}
            unit={unit}
            onCommit={(mm) => {
              change(acts.moveGroup(g, mm - p.xMm, 0, stand));
              return TAKEN;
            }}
            onClear={() => relay({ xMm: null })}
          >
            <Why rule="walls.across" />
          </LengthField>
          <LengthField
            label={t('centre')}
            draftKey={key('centre')}
            valueMm={p.centreMm}
            unit={unit}
            onCommit={(mm) => {
              change(acts.moveGroup(g, 0, mm - p.centreMm, stand));
              return TAKEN;
            }}
            onClear={() => relay({ centreMm: null })}
          >
            <Why rule={p.rulesUsed.height} />
          </LengthField>
          {over && p.aboveMm !== null && (
            <LengthField
              label={t('gap', { over: over.name })}
              draftKey={key('above')}
              valueMm={p.aboveMm}
              unit={unit}
              onCommit={(aboveMm) => set({ aboveMm, centreMm: null })}
              onClear={() => relay({ aboveMm: null })}
            />
          )}
        </div>
        {g.kind === 'free' && (
          <div className="space-y-2.5 border-t border-line pt-2">
            <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
              <NumberField
                label={t('ratio')}
                draftKey={key('ratio')}
                value={Number((g.ratio ?? (g.zone ? g.zone.widthMm / g.zone.heightMm : 1.5)).toFixed(2))}
                decimals={2}
                examples="1.5"
                within={[0.1, 10]}
                onCommit={(ratio) => set({ ratio })}
                onClear={() => relay({ ratio: null })}
              />
              <NumberField
                label={t('seeds')}
                draftKey={key('seed')}
                value={g.seed}
                step={1}
                examples="1"
                within={[0, 1_000_000]}
                whole
                onCommit={(seed) => set({ seed })}
              />
            </div>
            <label className="flex min-h-[26px] items-center gap-2 text-[14px]">
              <input
                type="checkbox"
                className="accent-black"
                checked={g.reuseHoles}
                onChange={(e) => relay({ reuseHoles: e.target.checked })}
              />
              {t('reuse')} <Why rule="walls.holeReach" />
            </label>
            <label className="flex min-h-[26px] items-center gap-2 text-[14px]">
              <input
                type="checkbox"
                className="accent-black"
                checked={g.zone !== null}
                onChange={(e) =>
                  relay({
                    zone: e.target.checked
                      ? {
                          xMm: Math.max(0, p.xMm - Math.max(600, p.widthMm) / 2),
                          bottomMm: Math.max(0, p.centreMm - Math.max(600, p.heightMm) / 2),
                          widthMm: Math.max(600, p.widthMm),
                          heightMm: Math.max(600, p.heightMm),
                        }
                      : null,
                  })
                }
              />
              {t('zoneUse')}
            </label>
            {g.zone && (
              <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
                <LengthField
                  label={t('zoneX')}
                  draftKey={key('zx')}
                  valueMm={g.zone.xMm}
                  unit={unit}
                  onCommit={(xMm) => zone({ xMm })}
                />
                <LengthField
                  label={t('zoneBottom')}
                  draftKey={key('zb')}
                  valueMm={g.zone.bottomMm}
                  unit={unit}
                  onCommit={(bottomMm) => zone({ bottomMm })}
                />
                <LengthField
                  label={t('zoneWidth')}
                  draftKey={key('zw')}
                  valueMm={g.zone.widthMm}
                  unit={unit}
                  onCommit={(mm) =>
                    mm > 0 ? zone({ widthMm: mm }) : { took: false, message: t('sizeRefused') }
                  }
                />
                <LengthField
                  label={t('zoneHeight')}
                  draftKey={key('zh')}
                  valueMm={g.zone.heightMm}
                  unit={unit}
                  onCommit={(mm) =>
                    mm > 0 ? zone({ heightMm: mm }) : { took: false, message: t('sizeRefused') }
                  }
                />
              </div>
            )}
            <GallerySearch group={g} plan={p} />
          </div>
        )}
      </section>
      <Findings findings={findings} title={t('checks')} />
      <div className="mt-4 border-t-2 border-ink">
        <Fold title={t('template')}>{() => <TemplateLinks query={`group=${g.id}`} />}</Fold>
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button
          small
          onClick={() => relay({ xMm: null, centreMm: null, aboveMm: null, gapMm: null, kind: g.kind })}
        >
          {t('byRule')}
        </Button>
        <Button small onClick={() => acts.takeApart(g)}>
          {t('apartGroup')}
        </Button>
      </div>
    </>
  );
}

function AddFrames({ group: g }: { group: HangingGroup }): ReactNode {
  const t = useTranslations('walls');
  const { file } = useRoom();
  const acts = useWallActs();
  const unit = file.room.unit;
  const stash = useStash('art,mirror,frame,wallPanel');
  const add = (id: string) => {
    const found = stash.find((s) => s.id === id);
    if (found) {
      const { elsewhere: _e, ...item } = found;
      acts.addTo(g, item);
    }
  };
  return (
    <div className="mt-2 space-y-2">
      <Pick
        label={t('addFrom')}
        value=""
        options={[
          { value: '', label: t('addPick') },
          ...stash.map((s) => ({
            value: s.id,
            label: `${s.name}, ${formatBareLength(s.widthMm, unit)} × ${formatBareLength(s.heightMm, unit)}`,
          })),
        ]}
        onChange={add}
      />
      <PlannedPiece draftKey={g.id} onAdd={(item) => acts.addTo(g, item)} />
    </div>
  );
}
