import { labOfHex } from '../../colour/spaces';
import type { Item, Swatch } from '../../model/types';
import { bad, decimals, value, type Column, type Read } from './cells';

export const writeColours = (colours: readonly Swatch[] | null): string =>
  (colours ?? [])
    .map(
      (c) =>
        `lab(${decimals(c.l)} ${decimals(c.a)} ${decimals(c.b)}) ${decimals(c.share * 100)}%${c.name ? ` ${c.name}` : ''}`,
    )
    .join('; ');
const HEX = '#[0-9a-f]{3}(?:[0-9a-f]{3})?';
const LAB = String.raw`lab\(\s*(?<l>-?[\d.]+)[ ,]+(?<a>-?[\d.]+)[ ,]+(?<b>-?[\d.]+)\s*\)`;
const SHARE = String.raw`(?:\s+(?<share>[\d.]+)\s*%)?`;
const NAME = String.raw`(?:\s+(?<name>.{1,60}))?`;
const SWATCH = new RegExp(`^(?:(?<hex>${HEX})|${LAB})${SHARE}${NAME}$`, 'i');
/** The most colours that a thing has. */
const MOST = 8;

/** `#a3462f 60% Tanbark; lab(92 0 4) 40%`; shares may be left out. */
export function readColours(came: string): Swatch[] | undefined {
  const parts = came
    .split(';')
    .map((p) => p.trim())
    .filter(Boolean);
  if (parts.length === 0 || parts.length > MOST) return undefined;
  const swatches = parts.map((part) => readSwatch(part, 1 / parts.length));
  return swatches.every((s) => s !== undefined) ? swatches : undefined;
}

function readSwatch(part: string, evenShare: number): Swatch | undefined {
  const found = SWATCH.exec(part)?.groups;
  if (!found) return undefined;
  const { hex, share, name } = found;
  const lab = hex ? labOfHex(hex) : { l: Number(found.l), a: Number(found.a), b: Number(found.b) };
  if (!lab || !isInRange(lab)) return undefined;
  const swatch = { ...lab, share: share === undefined ? evenShare : Number(share) / 100 };
  if (!(swatch.share > 0 && swatch.share <= 1)) return undefined;
  return name ? { ...swatch, name: name.trim() } : swatch;
}

const isInRange = ({ l, a, b }: Pick<Swatch, 'l' | 'a' | 'b'>): boolean =>
  l >= 0 && l <= 100 && Math.abs(a) <= 128 && Math.abs(b) <= 128;

export const colours = <K extends keyof Item>(title: string, field: K): Column => ({
  title,
  field,
  write: (i) => writeColours(i[field] as Swatch[] | null),
  read: (t) => {
    const c = readColours(t);
    return (c ? value(c) : bad('not-a-colour', '#a3462f 60% Tanbark; #e9e5da 40%')) as Read<Item[K]>;
  },
});
