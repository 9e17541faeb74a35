/**
 * The only module that uses the colour library. Everything else works in Lab (D65, 2° observer), sRGB hex
 * and OKLCH.
 */
// conversions one by one: the library's registry of spaces brings its parsers of CSS colours along
import {
  convertLab65ToRgb,
  convertLab65ToXyz65,
  convertOklabToRgb,
  convertRgbToLab65,
  convertRgbToOklab,
  convertXyz65ToLab65,
  parseHex,
} from 'culori/fn';
import { clamp, type Deg } from '../base/units';

/** CIELAB, D65 white, 2° observer: the stored value of a colour. */
export type Lab = { l: number; a: number; b: number };
export type Oklch = { l: number; c: number; hueDeg: Deg };
/** CIE XYZ with Y = 1 for the D65 white. */
export type Xyz = { x: number; y: number; z: number };

const tag = (lab: Lab) => ({ mode: 'lab65' as const, ...lab });

/** Lab of `#rgb` or `#rrggbb` (IEC 61966-2-1); undefined when the text is no hex colour. */
export function labOfHex(hex: string): Lab | undefined {
  const rgb = parseHex(hex);
  if (!rgb) return undefined;
  const { l, a, b } = convertRgbToLab65(rgb);
  return { l, a, b };
}

const SCREEN_CRUMB = 0.5 / 255;
/** Chroma is found to within this part of the way to grey. */
const CHROMA_STEPS = 13;

type Rgb = ReturnType<typeof convertLab65ToRgb>;
const channelsOf = ({ r, g, b }: Rgb): number[] => [r, g, b];
const hexByte = (v: number): string =>
  Math.round(clamp(v, 0, 1) * 255)
    .toString(16)
    .padStart(2, '0');
const isOnScreen = (rgb: Rgb, crumb: number): boolean =>
  channelsOf(rgb).every((v) => v >= -crumb && v <= 1 + crumb);

/** sRGB hex for display; colours beyond the screen keep lightness and hue and lose chroma. */
export function hexOfLab(lab: Lab): string {
  const rgb = convertLab65ToRgb(tag(lab));
  // a rounding error outside sRGB is clipped; searching for a smaller chroma would change the colour
  const shown = channelsOf(isOnScreen(rgb, SCREEN_CRUMB) ? rgb : withLessChroma(rgb));
  return `#${shown.map(hexByte).join('')}`;
}

/** The strongest colour of the same OKLab lightness and hue that a screen can show. */
function withLessChroma(rgb: Rgb): Rgb {
  const { l, a, b } = convertRgbToOklab(rgb);
  const at = (share: number) => convertOklabToRgb({ l, a: a * share, b: b * share });
  let [low, high] = [0, 1];
  for (let i = 0; i < CHROMA_STEPS; i++) {
    const middle = (low + high) / 2;
    if (isOnScreen(at(middle), 0)) low = middle;
    else high = middle;
  }
  return at(low);
}

export function oklchOfLab(lab: Lab): Oklch {
  const { l, a, b } = convertRgbToOklab(convertLab65ToRgb(tag(lab)));
  const c = Math.hypot(a, b);
  return { l, c, hueDeg: c > 0 ? ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360 : 0 };
}

export function xyzOfLab(lab: Lab): Xyz {
  const { x, y, z } = convertLab65ToXyz65(tag(lab));
  return { x, y, z };
}

export function labOfXyz(xyz: Xyz): Lab {
  const { l, a, b } = convertXyz65ToLab65(xyz);
  return { l, a, b };
}

export { deltaE00 } from './difference';

export const chromaOf = (lab: Lab): number => Math.hypot(lab.a, lab.b);
export const labHueDeg = (lab: Lab): Deg => ((Math.atan2(lab.b, lab.a) * 180) / Math.PI + 360) % 360;

/** The smaller angle between two hues, 0 to 180. */
export const hueApart = (p: Deg, q: Deg): Deg => {
  const d = Math.abs(p - q) % 360;
  return d > 180 ? 360 - d : d;
};
