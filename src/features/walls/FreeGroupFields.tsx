'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { HangingGroup } from '../../core/model/types';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import { Checkbox } from '../../ui/Checkbox';
import { LengthField, NumberField, TAKEN, type Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { GallerySearch } from './GallerySearch';
import { useWallActs } from './useWallActs';

type Zone = NonNullable<HangingGroup['zone']>;
const LEAST_ZONE_MM = 600;

/** A part of the wall about the group as it is, large enough to arrange in. */
function zoneAround(p: GroupPlan): Zone {
  const widthMm = Math.max(LEAST_ZONE_MM, p.widthMm);
  const heightMm = Math.max(LEAST_ZONE_MM, p.heightMm);
  return {
    xMm: Math.max(0, p.xMm - widthMm / 2),
    bottomMm: Math.max(0, p.centreMm - heightMm / 2),
    widthMm,
    heightMm,
  };
}

/** A free arrangement: its shape, the part of the wall that it may take, and the search for layouts. */
export function FreeGroupFields({ group: g, plan: p }: { group: HangingGroup; plan: GroupPlan }): ReactNode {
  const t = useTranslations('walls');
  const { file } = useRoom();
  const acts = useWallActs();
  const relay = (patch: Partial<HangingGroup>) => acts.relay(g, patch);
  const set = (patch: Partial<HangingGroup>): Answer => {
    relay(patch);
    return TAKEN;
  };
  const key = (field: string) => `${file.room.id}-${g.id}-${field}`;
  return (
    <div className="space-y-2.5 border-t border-line pt-2">
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <NumberField
          label={t('ratio')}
          draftKey={key('ratio')}
          value={Number((g.ratio ?? (g.zone ? g.zone.widthMm / g.zone.heightMm : 1.5)).toFixed(2))}
          decimals={2}
          examples="1.5"
          range={[0.1, 10]}
          onCommit={(ratio) => set({ ratio })}
          onClear={() => relay({ ratio: null })}
        />
        <NumberField
          label={t('seeds')}
          draftKey={key('seed')}
          value={g.seed}
          step={1}
          examples="1"
          range={[0, 1_000_000]}
          whole
          onCommit={(seed) => set({ seed })}
        />
      </div>
      <Checkbox
        checked={g.zone !== null}
        onChange={(checked) => relay({ zone: checked ? zoneAround(p) : null })}
      >
        {t('zoneUse')}
      </Checkbox>
      {g.zone && <ZoneFields group={g} zone={g.zone} />}
      <GallerySearch group={g} plan={p} />
    </div>
  );
}

/** The part of the wall that the arrangement may take. */
function ZoneFields({ group: g, zone: area }: { group: HangingGroup; zone: Zone }): ReactNode {
  const t = useTranslations('walls');
  const { file } = useRoom();
  const acts = useWallActs();
  const { unit } = file.room;
  const key = (field: string) => `${file.room.id}-${g.id}-${field}`;
  const zone = (patch: Partial<Zone>): Answer => {
    acts.relay(g, { zone: { ...area, ...patch }, xMm: null, centreMm: null });
    return TAKEN;
  };
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
      <LengthField
        label={t('zoneX')}
        draftKey={key('zx')}
        valueMm={area.xMm}
        unit={unit}
        onCommit={(xMm) => zone({ xMm })}
      />
      <LengthField
        label={t('zoneBottom')}
        draftKey={key('zb')}
        valueMm={area.bottomMm}
        unit={unit}
        onCommit={(bottomMm) => zone({ bottomMm })}
      />
      <LengthField
        label={t('zoneWidth')}
        draftKey={key('zw')}
        valueMm={area.widthMm}
        unit={unit}
        onCommit={(mm) => (mm > 0 ? zone({ widthMm: mm }) : { took: false, message: t('sizeRefused') })}
      />
      <LengthField
        label={t('zoneHeight')}
        draftKey={key('zh')}
        valueMm={area.heightMm}
        unit={unit}
        onCommit={(mm) => (mm > 0 ? zone({ heightMm: mm }) : { took: false, message: t('sizeRefused') })}
      />
    </div>
  );
}
