import { oklchOfLab, type Lab } from './spaces';

/** Parts of a stylist's name for a colour; the message table turns them into words. */
export type ColourName =
  | { kind: 'white'; undertone: 'stark' | 'cool' | 'warm' | 'creamy' }
  | {
      kind: 'neutral';
      depth: 'pale' | 'light' | 'mid' | 'dark' | 'black';
      undertone: 'plain' | 'cool' | 'warm';
    }
  | {
      kind: 'hue';
      depth: 'pale' | 'light' | 'mid' | 'deep';
      strength: 'greyed' | 'muted' | 'clear' | 'bright';
      hue: HueWord;
    };

export type HueWord =
  | 'pink'
  | 'red'
  | 'rust'
  | 'orange'
  | 'tan'
  | 'gold'
  | 'yellow'
  | 'olive'
  | 'green'
  | 'sage'
  | 'teal'
  | 'blue'
  | 'navy'
  | 'violet'
  | 'plum';

/** OKLCH chroma under which a colour passes for a neutral, unless the studio sets its own. */
export const NEUTRAL_CHROMA = 0.03;

/** The word of the first band that a value reaches; the last one has no floor. */
const bandOf = <W>(value: number, bands: readonly (readonly [from: number, word: W])[], fallback: W): W =>
  bands.find(([threshold]) => value >= threshold)?.[1] ?? fallback;

const NEUTRAL_DEPTHS = [
  [75, 'pale'],
  [60, 'light'],
  [38, 'mid'],
  [20, 'dark'],
] as const;
const HUE_DEPTHS = [
  [80, 'pale'],
  [62, 'light'],
  [38, 'mid'],
] as const;
const STRENGTHS = [
  [0.17, 'bright'],
  [0.1, 'clear'],
  [0.055, 'muted'],
] as const;
/** A neutral as light as this is a white. */
const WHITE_FROM = 87;

/**
 * Names a colour from lightness, chroma and hue (our own word list; L* from CIELAB, chroma and hue from
 * OKLCH).
 */
export function nameColour(lab: Lab, neutralChroma: number = NEUTRAL_CHROMA): ColourName {
  const { c, hueDeg } = oklchOfLab(lab);
  if (c >= neutralChroma)
    return {
      kind: 'hue',
      depth: bandOf<'pale' | 'light' | 'mid' | 'deep'>(lab.l, HUE_DEPTHS, 'deep'),
      strength: bandOf<'greyed' | 'muted' | 'clear' | 'bright'>(c, STRENGTHS, 'greyed'),
      hue: hueWord(hueDeg, c, lab.l),
    };
  if (lab.l >= WHITE_FROM) return { kind: 'white', undertone: whiteUndertone(lab) };
  return {
    kind: 'neutral',
    depth: bandOf<'pale' | 'light' | 'mid' | 'dark' | 'black'>(lab.l, NEUTRAL_DEPTHS, 'black'),
    undertone: neutralUndertone(lab),
  };
}

function whiteUndertone({ b }: Lab): 'stark' | 'cool' | 'warm' | 'creamy' {
  if (b > 7.5) return 'creamy';
  if (b > 2.5) return 'warm';
  return b < -1.5 ? 'cool' : 'stark';
}

function neutralUndertone({ a, b }: Lab): 'plain' | 'cool' | 'warm' {
  if (Math.hypot(a, b) < 2) return 'plain';
  return b > 0 ? 'warm' : 'cool';
}

type HueBand = { below: number; word: (c: number, l: number) => HueWord };

/** From pink at 345° on, turning up; a band ends below its angle. */
const HUES: readonly HueBand[] = [
  { below: 35, word: (_c, l) => (l > 62 ? 'pink' : 'red') },
  { below: 52, word: () => 'rust' },
  { below: 70, word: (c) => (c < 0.09 ? 'tan' : 'orange') },
  { below: 98, word: (c) => (c < 0.09 ? 'tan' : 'gold') },
  { below: 112, word: (_c, l) => (l > 70 ? 'yellow' : 'olive') },
  { below: 130, word: (c) => (c < 0.07 ? 'sage' : 'olive') },
  { below: 160, word: (c) => (c < 0.07 ? 'sage' : 'green') },
  { below: 215, word: () => 'teal' },
  { below: 285, word: (_c, l) => (l < 32 ? 'navy' : 'blue') },
  { below: 320, word: () => 'violet' },
  { below: 360, word: () => 'plum' },
];

function hueWord(hueDeg: number, c: number, l: number): HueWord {
  if (hueDeg < 12 || hueDeg >= 345) {
    if (l > 55) return 'pink';
    return c < 0.1 ? 'plum' : 'red';
  }
  return HUES.find((band) => hueDeg < band.below)?.word(c, l) ?? 'plum';
}
