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

/**
 * Names a colour from lightness, chroma and hue (our own word list; L* from CIELAB, chroma and hue from
 * OKLCH).
 */
export function nameColour(lab: Lab, neutralChroma: number = NEUTRAL_CHROMA): ColourName {
  const { c, hueDeg } = oklchOfLab(lab);
  if (c < neutralChroma) {
    if (lab.l >= 87)
      return {
        kind: 'white',
        undertone: lab.b > 7.5 ? 'creamy' : lab.b > 2.5 ? 'warm' : lab.b < -1.5 ? 'cool' : 'stark',
      };
    const depth =
      lab.l >= 75 ? 'pale' : lab.l >= 60 ? 'light' : lab.l >= 38 ? 'mid' : lab.l >= 20 ? 'dark' : 'black';
    return {
      kind: 'neutral',
      depth,
      undertone: Math.hypot(lab.a, lab.b) < 2 ? 'plain' : lab.b > 0 ? 'warm' : 'cool',
    };
  }
  const depth = lab.l >= 80 ? 'pale' : lab.l >= 62 ? 'light' : lab.l >= 38 ? 'mid' : 'deep';
  const strength = c < 0.055 ? 'greyed' : c < 0.1 ? 'muted' : c < 0.17 ? 'clear' : 'bright';
  return { kind: 'hue', depth, strength, hue: hueWord(hueDeg, c, lab.l) };
}

function hueWord(h: number, c: number, l: number): HueWord {
  if (h < 12 || h >= 345) {
    if (l > 55) return 'pink';
    return c < 0.1 ? 'plum' : 'red';
  }
  if (h < 35) return l > 62 ? 'pink' : 'red';
  if (h < 52) return 'rust';
  if (h < 98) {
    if (c < 0.09) return 'tan';
    return h < 70 ? 'orange' : 'gold';
  }
  if (h < 112) return l > 70 ? 'yellow' : 'olive';
  if (h < 130) return c < 0.07 ? 'sage' : 'olive';
  if (h < 160) return c < 0.07 ? 'sage' : 'green';
  if (h < 215) return 'teal';
  if (h < 285) return l < 32 ? 'navy' : 'blue';
  return h < 320 ? 'violet' : 'plum';
}
