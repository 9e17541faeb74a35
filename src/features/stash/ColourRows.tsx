'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { nameColour } from '../../core/colour/name';
import { hexOfLab, labOfHex } from '../../core/colour/spaces';
import type { Swatch } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { NumberField, TAKEN, TextField } from '../../ui/Field';
import { useColourName } from '../shell/useWords';
import { RemoveButton } from '../../ui/RemoveButton';

/** Colours of a thing with their shares and names; shares are kept adding up to the whole. */
export function ColourRows({
  colours,
  draftKey,
  onChange,
}: {
  colours: readonly Swatch[];
  draftKey: string;
  onChange: (colours: Swatch[]) => void;
}): ReactNode {
  const t = useTranslations('stash');
  const named = useColourName();
  /** One share as it was typed, the others in proportion. */
  const withShare = (i: number, share: number): Swatch[] => {
    if (colours.length === 1) return [{ ...first(colours), share: 1 }];
    const rest = colours.reduce((s, c, k) => (k === i ? s : s + c.share), 0) || 1;
    return colours.map((c, k) => ({
      ...c,
      share: k === i ? share : Math.max(0.001, (c.share / rest) * (1 - share)),
    }));
  };
  const allBut = (i: number): Swatch[] => {
    const left = colours.filter((_, k) => k !== i);
    const sum = left.reduce((s, c) => s + c.share, 0) || 1;
    return left.map((c) => ({ ...c, share: c.share / sum }));
  };
  return (
    <div className="space-y-1.5">
      {colours.map((c, i) => (
        <div key={i} className="grid grid-cols-[36px_1fr_58px_auto] items-end gap-x-2.5">
          <input
            type="color"
            aria-label={t('colourN', { n: i + 1 })}
            key={hexOfLab(c)}
            defaultValue={hexOfLab(c)}
            onBlur={(e) => {
              const lab = labOfHex(e.target.value);
              if (lab && e.target.value !== hexOfLab(c))
                onChange(colours.map((x, k) => (k === i ? { ...x, ...lab } : x)));
            }}
            className="mb-0.5 h-[24px] w-9 border border-ink bg-transparent"
          />
          <TextField
            label={t('colourName')}
            hideLabel
            size="small"
            draftKey={`${draftKey}-${i}-name`}
            value={c.name ?? ''}
            placeholder={named(nameColour(c))}
            onCommit={(name) => {
              const { name: _old, ...rest } = c;
              onChange(
                colours.map((x, k) =>
                  k === i ? { ...rest, ...(name ? { name: name.slice(0, 60) } : {}) } : x,
                ),
              );
              return TAKEN;
            }}
          />
          <NumberField
            label={t('share')}
            hideLabel
            size="small"
            suffix="%"
            draftKey={`${draftKey}-${i}-share`}
            value={Math.round(c.share * 100)}
            step={5}
            range={[1, 100]}
            onCommit={(n) => {
              onChange(withShare(i, Math.min(n / 100, colours.length === 1 ? 1 : 0.99)));
              return TAKEN;
            }}
          />
          {colours.length > 1 ? (
            <RemoveButton label={t('colourDrop', { n: i + 1 })} onClick={() => onChange(allBut(i))} />
          ) : (
            <span />
          )}
        </div>
      ))}
      {colours.length < 8 && (
        <Button
          small
          onClick={() =>
            onChange([
              ...colours.map((c) => ({ ...c, share: c.share * 0.8 })),
              { l: 70, a: 0, b: 4, share: 0.2 },
            ])
          }
        >
          {t('colourAdd')}
        </Button>
      )}
    </div>
  );
}
