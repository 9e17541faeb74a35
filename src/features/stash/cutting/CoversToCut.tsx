'use client';
import { nanoid } from 'nanoid';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { inches, cm } from '../../../core/base/units';
import { LIMITS } from '../../../core/model/limits';
import { CLOSURES, FRONTS } from '../../../core/model/values/item';
import type { ClothMarks, CoverToCut } from '../../../core/textiles/clothCuts';
import { Button } from '../../../ui/Button';
import { Checkbox } from '../../../ui/Checkbox';
import { LengthField, NumberField, TAKEN } from '../../../ui/Field';
import { Select } from '../../../ui/Select';
import { useLongestSide } from '../../shell/useLongestSide';
import { useItem } from '../item/ItemContext';
import { useStashRoom } from '../StashContext';

const MOST_OF_ONE = 40;

type Props = {
  marks: ClothMarks;
  onChange: (covers: CoverToCut[]) => void;
  most: (cover: CoverToCut) => Promise<number>;
};

/** The covers that are wanted of a cloth, each kind a row. */
export function CoversToCut({ marks, onChange, most }: Props): ReactNode {
  const { covers } = marks;
  const t = useTranslations('cutting');
  const { unit } = useStashRoom();
  const put = (id: string, patch: Partial<CoverToCut>) =>
    onChange(covers.map((c) => (c.id === id ? { ...c, ...patch } : c)));
  const side = unit === 'cm' ? cm(50) : inches(20);
  const add = () =>
    onChange([
      ...covers,
      {
        id: nanoid(8),
        widthMm: side,
        heightMm: side,
        count: 2,
        closure: 'envelope',
        front: 'anywhere',
        hasPlainBack: false,
      },
    ]);
  return (
    <section aria-label={t('covers')} className="mt-4">
      <h2 className="text-[19px]">{t('covers')}</h2>
      <ul>
        {covers.map((cover) => (
          <li key={cover.id} className="border-b border-line py-2.5">
            <CoverRow
              cover={cover}
              marks={marks}
              onPut={(patch) => put(cover.id, patch)}
              onRemove={() => onChange(covers.filter((c) => c.id !== cover.id))}
              most={most}
            />
          </li>
        ))}
      </ul>
      <Button small className="mt-2.5" disabled={covers.length >= LIMITS.cloth.covers} onClick={add}>
        {t('addCover')}
      </Button>
    </section>
  );
}

function CoverRow({
  cover,
  marks,
  onPut,
  onRemove,
  most,
}: {
  cover: CoverToCut;
  marks: ClothMarks;
  onPut: (patch: Partial<CoverToCut>) => void;
  onRemove: () => void;
  most: Props['most'];
}): ReactNode {
  const t = useTranslations('cutting');
  const { unit } = useStashRoom();
  const { key } = useItem();
  const longest = useLongestSide('cover', unit);
  const [isCounting, setCounting] = useState(false);
  const [found, setFound] = useState<{ count: number; of: string } | null>(null);
  // what was counted holds as long as the cover and what is marked on the cloth stay
  const asked = JSON.stringify([
    { ...cover, count: 0 },
    { ...marks, covers: [] },
  ]);
  const length = (field: 'widthMm' | 'heightMm', label: string) => (
    <LengthField
      label={label}
      draftKey={key(`${cover.id}-${field}`)}
      valueMm={cover[field]}
      unit={unit}
      onCommit={(mm) =>
        longest(mm, () => {
          onPut({ [field]: mm });
          return TAKEN;
        })
      }
    />
  );
  const countMost = () => {
    setCounting(true);
    most(cover)
      .then((count) => {
        setFound({ count, of: asked });
        if (count > 0) onPut({ count: Math.min(MOST_OF_ONE, count) });
      })
      .catch(() => undefined)
      .finally(() => setCounting(false));
  };
  return (
    <>
      <div className="grid grid-cols-3 gap-x-4">
        {length('widthMm', t('wide'))}
        {length('heightMm', t('high'))}
        <NumberField
          label={t('count')}
          draftKey={key(`${cover.id}-count`)}
          value={cover.count}
          step={1}
          range={[1, MOST_OF_ONE]}
          whole
          onCommit={(count) => {
            onPut({ count });
            return TAKEN;
          }}
        />
      </div>
      <div className="mt-2 grid grid-cols-2 gap-x-4">
        <Select
          label={t('closure')}
          value={cover.closure}
          options={CLOSURES.map((value) => ({ value, label: t(`closures.${value}`) }))}
          onChange={(closure) => onPut({ closure })}
        />
        <Select
          label={t('front')}
          value={cover.front}
          options={FRONTS.map((value) => ({ value, label: t(`fronts.${value}`) }))}
          onChange={(front) => onPut({ front })}
        />
      </div>
      <div className="mt-1.5 flex flex-wrap items-center gap-x-3 gap-y-1.5">
        <Checkbox checked={cover.hasPlainBack} onChange={(hasPlainBack) => onPut({ hasPlainBack })}>
          {t('plainBack')}
        </Checkbox>
        <span className="ml-auto flex gap-1.5">
          <Button small disabled={isCounting} onClick={countMost}>
            {t('most')}
          </Button>
          <Button small variant="quiet" onClick={onRemove}>
            {t('remove')}
          </Button>
        </span>
      </div>
      <p role="status" className="text-[13px] text-soft">
        {found?.of === asked ? t('mostFound', { count: found.count }) : ''}
      </p>
    </>
  );
}
