/**
 * The only module that uses the colour library. Everything else works in Lab (D65, 2° observer), sRGB hex
 * and OKLCH.
 */
import {
  clampChroma,
  converter,
  differenceCiede2000,
  formatHex,
  modeLab65,
  modeLrgb,
  modeOklch,
  modeOklab,
  modeLch65,
  modeRgb,
  modeXyz65,
  parseHex,
  useMode as register,
} from 'culori/fn';
import type { Deg } from '../base/units';

for (const mode of [modeRgb, modeLrgb, modeXyz65, modeLab65, modeLch65, modeOklab, modeOklch])
  register(mode as typeof modeRgb);
const toLab65 = converter('lab65');
const toOklchMode = converter('oklch');
const toXyz65 = converter('xyz65');
const toRgb = converter('rgb');
const ciede2000 = differenceCiede2000();

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
  const { l, a, b } = toLab65(rgb);
  return { l, a, b };
}

const SCREEN_CRUMB = 0.5 / 255;

/** sRGB hex for display; colours beyond the screen keep lightness and hue and lose chroma. */
export function hexOfLab(lab: Lab): string {
  const rgb = toRgb(tag(lab));
  // a rounding error outside sRGB is clipped; searching for a smaller chroma would change the colour
  const onScreen = [rgb.r, rgb.g, rgb.b].every((v) => v > -SCREEN_CRUMB && v < 1 + SCREEN_CRUMB);
  return formatHex(onScreen ? rgb : clampChroma(rgb, 'oklch')) ?? '#000000';
}

export function oklchOfLab(lab: Lab): Oklch {
  const { l, c, h } = toOklchMode(tag(lab));
  return { l, c, hueDeg: h ?? 0 };
}

export function xyzOfLab(lab: Lab): Xyz {
  const { x, y, z } = toXyz65(tag(lab));
  return { x, y, z };
}

export function labOfXyz(xyz: Xyz): Lab {
  const { l, a, b } = toLab65({ mode: 'xyz65' as const, ...xyz });
  return { l, a, b };
}

/** ΔE00, CIEDE2000 with all weights 1 (Sharma, Wu, Dalal, Color Res. Appl. 30, 2005). */
export const deltaE00 = (p: Lab, q: Lab): number => ciede2000(tag(p), tag(q));

export const chromaOf = (lab: Lab): number => Math.hypot(lab.a, lab.b);
export const labHueDeg = (lab: Lab): Deg => ((Math.atan2(lab.b, lab.a) * 180) / Math.PI + 360) % 360;

/** The smaller angle between two hues, 0 to 180. */
export const hueApart = (p: Deg, q: Deg): Deg => {
  const d = Math.abs(p - q) % 360;
  return d > 180 ? 360 - d : d;
};
