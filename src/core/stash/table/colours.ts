import { labOfHex } from '../../colour/spaces';
import type { Item, Swatch } from '../../model/types';
import { bad, decimals, value, type Column, type Read } from './cells';

export const writeColours = (colours: readonly Swatch[] | null): string =>
  (colours ?? [])
    .map(({ l, a, b, share, name }) => {
      const told = `lab(${[l, a, b].map(decimals).join(' ')}) ${decimals(share * 100)}%`;
      return name ? `${told} ${writeName(name)}` : told;
    })
    .join('; ');

/** A name that would be read as something else stands in quotes, as a JSON text. */
const writeName = (name: string): string =>
  /[;\p{Cc}]|^["\s]|\s$|^[\d.]+\s*%/u.test(name) ? JSON.stringify(name) : name;

const HEX = '#[0-9a-f]{3}(?:[0-9a-f]{3})?';
const LAB = String.raw`lab\(\s*(?<l>-?[\d.]+)[ ,]+(?<a>-?[\d.]+)[ ,]+(?<b>-?[\d.]+)\s*\)`;
const SHARE = String.raw`(?:\s+(?<share>[\d.]+)\s*%)?`;
const NAME = String.raw`(?:\s+(?:(?<quoted>"(?:[^"\\]|\\.)*")(?=\s*(?:;|$))|(?<name>[^;\s][^;]{0,59})))?`;
/** One colour, up to the end or the semicolon before the next. */
const SWATCH = new RegExp(String.raw`\s*(?:(?<hex>${HEX})|${LAB})${SHARE}${NAME}\s*(?:;[;\s]*|$)`, 'iy');
/** The most colours that a thing has. */
const MOST = 8;

/** `#a3462f 60% Tanbark; lab(92 0 4) 40%`; shares may be left out. */
export function readColours(came: string): Swatch[] | undefined {
  const text = came.replace(/^[;\s]+|[;\s]+$/g, '');
  const found: Record<string, string | undefined>[] = [];
  SWATCH.lastIndex = 0;
  while (SWATCH.lastIndex < text.length) {
    const groups = SWATCH.exec(text)?.groups;
    if (!groups || found.length === MOST) return undefined;
    found.push(groups);
  }
  if (found.length === 0) return undefined;
  const swatches = found.map((groups) => readSwatch(groups, 1 / found.length));
  return swatches.every((s) => s !== undefined) ? swatches : undefined;
}

function readSwatch(found: Record<string, string | undefined>, evenShare: number): Swatch | undefined {
  const { hex, share, quoted } = found;
  const lab = hex ? labOfHex(hex) : { l: Number(found.l), a: Number(found.a), b: Number(found.b) };
  if (!lab || !isInRange(lab)) return undefined;
  const swatch = { ...lab, share: share === undefined ? evenShare : Number(share) / 100 };
  if (!(swatch.share > 0 && swatch.share <= 1)) return undefined;
  const name = quoted === undefined ? found.name?.trim() : unquoted(quoted);
  return name ? { ...swatch, name } : swatch;
}

function unquoted(text: string): string {
  try {
    return String(JSON.parse(text));
  } catch {
    return text;
  }
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
