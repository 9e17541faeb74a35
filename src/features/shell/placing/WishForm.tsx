'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useState, type ReactNode } from 'react';
import { plainUnit } from '../../../core/base/length';
import { elementAt, first } from '../../../core/base/list';
import type { Mm } from '../../../core/base/units';
import { newItem } from '../../../core/model/defaults';
import type { Item, ItemKind } from '../../../core/model/types';
import { Button } from '../../../ui/Button';
import { LengthField, NumberField, TAKEN, TextField, type Answer } from '../../../ui/Field';
import { Form } from '../../../ui/Form';
import { Select } from '../../../ui/Select';
import { useRoom } from '../room/RoomContext';
import { useCurrency } from '../useMoney';
import { useFamilyName } from '../useWords';

/** What may be wished for in a place: of which kinds, and how large it may be there. */
export type WishPlace = {
  kinds: readonly ItemKind[];
  mostWidthMm: Mm;
  mostHeightMm: Mm;
  /** Where less than that will not do, and where more than one is needed. */
  leastHeightMm?: Mm;
  count?: number;
};

/** A size that is asked for is at least this share of the largest that fits. */
const LEAST_SHARE = 0.6;
const MOST_COUNT = 500;
const MOST_COST = 1_000_000;
const ANY = 'any';
/** A thing whose colour is not decided yet is drawn in a pale grey. */
const UNDECIDED = [{ l: 82, a: 0, b: 2, share: 1 }];

type Range = readonly [Mm, Mm];

/** A place filled by something that is not owned: its size from and to, its colour, the most it may cost. */
export function WishForm({ place, onWish }: { place: WishPlace; onWish: (item: Item) => void }): ReactNode {
  const t = useTranslations('wish');
  const kindWords = useTranslations('stash.kinds');
  const { file, plan } = useRoom();
  const familyName = useFamilyName();
  const currency = useCurrency();
  const { unit } = file.room;
  const [kind, setKind] = useState<ItemKind>(first(place.kinds));
  const [name, setName] = useState('');
  const [width, setWidth] = useState<Range>([place.mostWidthMm * LEAST_SHARE, place.mostWidthMm]);
  const [height, setHeight] = useState<Range>([
    place.leastHeightMm ?? place.mostHeightMm * LEAST_SHARE,
    place.mostHeightMm,
  ]);
  const [familyId, setFamily] = useState(ANY);
  const [count, setCount] = useState(place.count ?? 1);
  const [mostPrice, setMost] = useState<number | null>(null);
  const taken = (next: Range, set: (range: Range) => void): Answer => {
    if (next[0] <= 0 || next[1] < next[0]) return { took: false, message: t('sizeRefused') };
    set(next);
    return TAKEN;
  };
  const families = plan.spread.families;
  const send = () => {
    const family = families.find((f) => f.id === familyId);
    onWish(
      newItem({
        id: `wish-${nanoid(8)}`,
        name: name || t('usualName', { kind: kindWords(kind).toLowerCase() }),
        kind,
        count: 0,
        widthMm: width[1],
        heightMm: height[1],
        colours: family ? [{ ...family.seed, share: 1 }] : UNDECIDED,
        seen: false,
        wish: { count, widthMm: [...width], heightMm: [...height], mostPrice },
      }),
    );
  };
  const key = (field: string) => `wish-${file.room.id}-${field}`;
  const sized = (label: string, field: string, range: Range, end: 0 | 1, set: (r: Range) => void) => (
    <LengthField
      label={label}
      draftKey={key(field)}
      valueMm={elementAt(range, end)}
      unit={plainUnit(unit)}
      onCommit={(mm) => taken(end === 0 ? [mm, range[1]] : [range[0], mm], set)}
    />
  );
  return (
    <Form onSend={send}>
      <div className="grid grid-cols-2 gap-4">
        <Select
          label={t('kind')}
          value={kind}
          options={place.kinds.map((k) => ({ value: k, label: kindWords(k) }))}
          onChange={setKind}
        />
        <TextField
          label={t('name')}
          draftKey={key('name')}
          value={name}
          onCommit={(typed) => {
            setName(typed.slice(0, 80));
            return TAKEN;
          }}
        />
        {sized(t('widthFrom'), 'w0', width, 0, setWidth)}
        {sized(t('width'), 'w1', width, 1, setWidth)}
        {sized(t('heightFrom'), 'h0', height, 0, setHeight)}
        {sized(t('height'), 'h1', height, 1, setHeight)}
        <Select
          label={t('family')}
          value={familyId}
          options={[
            { value: ANY, label: t('anyFamily') },
            ...families.map((f) => ({ value: f.id, label: familyName(f) })),
          ]}
          onChange={setFamily}
        />
        <NumberField
          label={t('count')}
          draftKey={key('count')}
          value={count}
          range={[1, MOST_COUNT]}
          whole
          onCommit={(typed) => {
            setCount(typed);
            return TAKEN;
          }}
        />
        <NumberField
          label={t('most')}
          suffix={currency}
          draftKey={key('most')}
          value={mostPrice === null ? null : mostPrice / 100}
          decimals={2}
          examples="40"
          range={[0, MOST_COST]}
          onClear={() => setMost(null)}
          onCommit={(typed) => {
            setMost(Math.round(typed * 100));
            return TAKEN;
          }}
        />
      </div>
      <p className="mb-3 mt-2 text-[14px] text-soft">{t('note')}</p>
      <Button variant="primary" type="submit">
        {t('add')}
      </Button>
    </Form>
  );
}
