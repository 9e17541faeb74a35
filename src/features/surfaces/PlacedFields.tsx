'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Item, Placement } from '../../core/model/types';
import { liesAt } from '../../core/room/lies';
import { within } from '../../core/room/spots/putOn';
import type { Spot } from '../../core/room/spots/spot';
import { Button } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import { LengthField, NumberField, TAKEN } from '../../ui/Field';
import { RadioGroup } from '../../ui/RadioGroup';
import { usePlacing } from '../shell/placing/usePlacing';
import { useRoom } from '../shell/room/RoomContext';

const MOST = 500;
type Placed = { placement: Placement };

/** How a thing lies on its spot, of what lies in more ways than one. */
export function LiesChoice({ placement, item, spot }: Placed & { item: Item; spot: Spot }): ReactNode {
  const t = useTranslations('surfaces');
  const placing = usePlacing();
  const lies = liesAt(item.kind, spot);
  if (lies.length < 2) return null;
  return (
    <RadioGroup
      label={t('lies')}
      value={placement.lie}
      options={lies.map((lie) => ({ value: lie, label: t(`lie.${lie}`) }))}
      onChange={(lie) => placing.lay(placement, lie)}
    />
  );
}

/** Where the middle of a thing is, from the left end of its spot. */
export function PlaceField({ placement, spot }: Placed & { spot: Spot }): ReactNode {
  const t = useTranslations('surfaces');
  const { file } = useRoom();
  const placing = usePlacing();
  return (
    <LengthField
      label={t('place')}
      draftKey={`${file.room.id}-${placement.id}-x`}
      valueMm={placement.xMm}
      unit={file.room.unit}
      onCommit={(xMm) => {
        placing.set(placement, { xMm: within(spot, xMm) });
        return TAKEN;
      }}
    />
  );
}

/** How many of a thing there are in its place. */
export function CountField({ placement }: Placed): ReactNode {
  const t = useTranslations('surfaces');
  const { file } = useRoom();
  const placing = usePlacing();
  return (
    <NumberField
      label={t('count')}
      draftKey={`${file.room.id}-${placement.id}-count`}
      value={placement.count}
      range={[1, MOST]}
      whole
      onCommit={(count) => {
        placing.set(placement, { count });
        return TAKEN;
      }}
    />
  );
}

/** Turns the other face of a thing up, of what has two. */
export function OtherFace({ placement, item }: Placed & { item: Item }): ReactNode {
  const t = useTranslations('surfaces');
  const placing = usePlacing();
  if (!item.back) return null;
  const face = placement.face === 'front' ? 'back' : 'front';
  return (
    <Button small onClick={() => placing.set(placement, { face })}>
      {t('otherFace')}
    </Button>
  );
}

export function TakeOff({ placement }: Placed): ReactNode {
  const t = useTranslations('surfaces');
  const placing = usePlacing();
  return (
    <Button small onClick={() => placing.takeOff(placement)}>
      {t('takeOff')}
    </Button>
  );
}

/** Whether a thing stays where it is when others are suggested. */
export function StaysThere({ placement }: Placed): ReactNode {
  const t = useTranslations('surfaces');
  const placing = usePlacing();
  return (
    <Checkbox checked={placement.locked} onChange={(locked) => placing.set(placement, { locked })}>
      {t('locked')}
    </Checkbox>
  );
}
