'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Item, Placement } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import { NumberField, TAKEN } from '../../ui/Field';
import { usePlacing } from '../shell/placing/usePlacing';
import { useRoom } from '../shell/room/RoomContext';

const MOST = 500;
type Placed = { placement: Placement };

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
