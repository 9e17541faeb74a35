import { lightSource, seenBy } from '../../core/colour/light';
import { hexOfLab, type Lab } from '../../core/colour/spaces';

export type View = 'plain' | 'squint' | 'values' | 'one';
export type Paint = (colour: Lab) => string;
const keyOf = (c: Lab) => `${c.l}/${c.a}/${c.b}`;

/** Display colours for one light and one way of looking; each colour is worked out once. */
export function makePaint(kelvin: number, view: View, family: readonly Lab[] | undefined): Paint {
  const source = lightSource(kelvin);
  const known = new Map<string, string>();
  const inFamily = new Set(family?.map(keyOf));
  return (colour) => {
    const key = keyOf(colour);
    const had = known.get(key);
    if (had) return had;
    const seen = seenBy({ l: colour.l, a: colour.a, b: colour.b }, source);
    const hex = hexOfLab(inView(seen, view, inFamily.has(key)));
    known.set(key, hex);
    return hex;
  };
}

/** A colour in a way of looking. Undyed, everything but the family keeps only a pale trace of its lightness. */
function inView(seen: Lab, view: View, inFamily: boolean): Lab {
  if (view === 'values') return { l: seen.l, a: 0, b: 0 };
  return view === 'one' && !inFamily ? { l: 55 + seen.l * 0.38, a: 0, b: 0 } : seen;
}
