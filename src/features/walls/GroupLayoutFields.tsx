'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { HangingGroup } from '../../core/model/types';
import { GROUP_KINDS } from '../../core/model/values/look';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import { LengthField, NumberField, TAKEN, type Answer } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { useOverThings } from './useOverThings';
import { useWallActs } from './useWallActs';

const AXES: ReadonlySet<string> = new Set(['tv', 'fireplace', 'shelf', 'stove']);

type Props = { group: HangingGroup; plan: GroupPlan };

/** How a group is laid out: in a row, a grid, about an axis …, with the fields of that kind. */
export function GroupLayoutFields({ group: g, plan: p }: Props): ReactNode {
  const t = useTranslations('walls');
  const { file, arranged, rules } = useRoom();
  const acts = useWallActs();
  const unit = file.room.unit;
  const members = acts.membersOf(g.id);
  const relay = (patch: Partial<HangingGroup>) => acts.relay(g, patch);
  const set = (patch: Partial<HangingGroup>): Answer => {
    relay(patch);
    return TAKEN;
  };
  const key = (field: string) => `${file.room.id}-${g.id}-${field}`;
  const axes = [
    ...file.fittings.filter((f) => f.wallId === g.wallId && AXES.has(f.kind)),
    ...useOverThings(g.wallId).filter(({ id }) => arranged.pieces.some((x) => x.id === id)),
  ];
  return (
    <>
      <Select
        label={t('groupKind')}
        value={g.kind}
        options={GROUP_KINDS.map((k) => ({ value: k, label: t(`kinds.${k}`) }))}
        onChange={(kind) => relay({ kind })}
      />
      {g.kind === 'hinged' && (
        <Select
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
        <Select
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
          range={[1, 40]}
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
          range={[-60, 60]}
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
    </>
  );
}

/** Where the whole hangs, by any of its measures. */
export function GroupPlaceFields({ group: g, plan: p }: Props): ReactNode {
  const t = useTranslations('walls');
  const { file, change } = useRoom();
  const acts = useWallActs();
  const unit = file.room.unit;
  const relay = (patch: Partial<HangingGroup>) => acts.relay(g, patch);
  const set = (patch: Partial<HangingGroup>): Answer => {
    relay(patch);
    return TAKEN;
  };
  const key = (field: string) => `${file.room.id}-${g.id}-${field}`;
  const stand = acts.standOf(g);
  const widen = acts.widen(g, p);
  const candidates = useOverThings(g.wallId);
  return (
    <>
      <Select
        label={t('over')}
        value={p.overName === null ? '' : (g.overPieceId ?? '')}
        options={[
          { value: '', label: t('bare') },
          ...candidates.map((c) => ({ value: c.id, label: c.name })),
        ]}
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
      {p.overName !== null && p.aboveMm !== null && (
        <LengthField
          label={t('gap', { over: p.overName })}
          draftKey={key('above')}
          valueMm={p.aboveMm}
          unit={unit}
          onCommit={(aboveMm) => set({ aboveMm, centreMm: null })}
          onClear={() => relay({ aboveMm: null })}
        />
      )}
    </>
  );
}
