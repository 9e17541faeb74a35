/** Colour difference, written out: the library's brings its parsers of CSS colours into the first script. */
type Lab = { l: number; a: number; b: number };

const TURN = 2 * Math.PI;
const rad = (deg: number): number => (deg * Math.PI) / 180;
const CHROMA_25 = 25 ** 7;
/** The share by which strong colours weigh less than weak ones. */
const strength = (chroma: number): number => Math.sqrt(chroma ** 7 / (chroma ** 7 + CHROMA_25));
const hueOf = (a: number, b: number): number => (a === 0 && b === 0 ? 0 : (Math.atan2(b, a) + TURN) % TURN);

/** From one hue to another the shorter way round. */
function hueStep(from: number, to: number): number {
  const step = to - from;
  if (step > Math.PI) return step - TURN;
  return step < -Math.PI ? step + TURN : step;
}

/** The hue half way between two; of one that is grey, the other's. */
function meanHue(p: number, q: number, isGrey: boolean): number {
  if (isGrey) return p + q;
  const mean = (p + q) / 2;
  return Math.abs(p - q) > Math.PI ? (mean + Math.PI) % TURN : mean;
}

/** ΔE00, CIEDE2000 with all weights 1 (Sharma, Wu, Dalal, Color Res. Appl. 30, 2005). */
export function deltaE00(p: Lab, q: Lab): number {
  const grow = 1 + 0.5 * (1 - strength((Math.hypot(p.a, p.b) + Math.hypot(q.a, q.b)) / 2));
  const [pa, qa] = [p.a * grow, q.a * grow];
  const [pc, qc] = [Math.hypot(pa, p.b), Math.hypot(qa, q.b)];
  const [ph, qh] = [hueOf(pa, p.b), hueOf(qa, q.b)];
  const isGrey = pc * qc === 0;
  const lightness = (p.l + q.l) / 2 - 50;
  const chroma = (pc + qc) / 2;
  const hue = meanHue(ph, qh, isGrey);
  const t =
    1 -
    0.17 * Math.cos(hue - rad(30)) +
    0.24 * Math.cos(2 * hue) +
    0.32 * Math.cos(3 * hue + rad(6)) -
    0.2 * Math.cos(4 * hue - rad(63));
  const byLightness = (q.l - p.l) / (1 + (0.015 * lightness ** 2) / Math.sqrt(20 + lightness ** 2));
  const byChroma = (qc - pc) / (1 + 0.045 * chroma);
  const hueApart = isGrey ? 0 : 2 * Math.sqrt(pc * qc) * Math.sin(hueStep(ph, qh) / 2);
  const byHue = hueApart / (1 + 0.015 * chroma * t);
  const turned = rad(30) * Math.exp(-(((hue - rad(275)) / rad(25)) ** 2));
  const rotation = -Math.sin(2 * turned) * 2 * strength(chroma);
  return Math.sqrt(Math.max(0, byLightness ** 2 + byChroma ** 2 + byHue ** 2 + rotation * byChroma * byHue));
}
