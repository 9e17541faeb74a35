'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useState, type ReactNode } from 'react';
import { formatBarePlainLength, plainUnit } from '../../core/base/length';
import { inches } from '../../core/base/units';
import { newItem } from '../../core/model/defaults';
import type { Item } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { LengthField, TAKEN, type Answer } from '../../ui/Field';
import { Form } from '../../ui/Form';
import { useRoom } from '../shell/room/RoomContext';

type Kind = 'frame' | 'art' | 'mirror' | 'wallPanel';

/**
 * A piece that is not owned yet, by its size: there is none of it in the stash, so the list to buy has it.
 */
export function PlannedPiece({
  draftKey,
  onAdd,
  kinds,
}: {
  draftKey: string;
  onAdd: (item: Item) => void;
  /** To choose from; a frame where there is no choice. */ kinds?: readonly Kind[];
}): ReactNode {
  const t = useTranslations('walls');
  const kindWords = useTranslations('stash.kinds');
  const unit = useRoom().file.room.unit;
  const [kind, setKind] = useState<Kind>(kinds?.[0] ?? 'frame');
  const [size, setSize] = useState(
    unit === 'cm' ? { widthMm: 300, heightMm: 400 } : { widthMm: inches(12), heightMm: inches(16) },
  );
  const sized = (patch: Partial<typeof size>): Answer => {
    if (Object.values(patch).some((v) => v <= 0)) return { took: false, message: t('sizeRefused') };
    setSize({ ...size, ...patch });
    return TAKEN;
  };
  const plain = (mm: number) => formatBarePlainLength(mm, unit).replace('\u2044', '/');
  const add = () =>
    onAdd(
      newItem({
        id: `planned-${nanoid(8)}`,
        name: t('plannedName', { what: kindWords(kind), w: plain(size.widthMm), h: plain(size.heightMm) }),
        kind,
        count: 0,
        ...size,
        texture: 'hard',
        massG: 1500,
        glazed: kind === 'frame',
        washable: false,
        wish: {
          count: 1,
          widthMm: [size.widthMm, size.widthMm],
          heightMm: [size.heightMm, size.heightMm],
          mostPrice: null,
        },
      }),
    );
  return (
    <Form className="space-y-2" onSend={add}>
      {kinds && (
        <Select
          label={t('planKind')}
          value={kind}
          options={kinds.map((k) => ({ value: k, label: kindWords(k) }))}
          onChange={setKind}
        />
      )}
      <div data-run className="grid grid-cols-[1fr_1fr_auto] items-end gap-x-3">
        <LengthField
          label={kinds ? t('planWidth') : `${t('addPlanned')}, ${t('planWidth')}`}
          draftKey={`${draftKey}-plan-w`}
          valueMm={size.widthMm}
          unit={plainUnit(unit)}
          onCommit={(widthMm) => sized({ widthMm })}
        />
        <LengthField
          label={t('planHeight')}
          draftKey={`${draftKey}-plan-h`}
          valueMm={size.heightMm}
          unit={plainUnit(unit)}
          onCommit={(heightMm) => sized({ heightMm })}
        />
        <Button small type="submit">
          {kinds ? t('hangIt') : t('add')}
        </Button>
      </div>
    </Form>
  );
}
