import 'server-only';
import { formatLength } from '../../core/base/length';
import { hexOfLab } from '../../core/colour/spaces';
import { seenSpan } from '../../core/room/seenSpan';
import { UNDYED, type Shape } from '../../core/room/shape';
import { svgText } from '../svg';
import { makeSheet, type SheetAsk } from './rows';

const n = (mm: number): string => String(Math.round(mm * 1000) / 1000);
/** Scales in which an elevation can be drawn: one to so many. */
export const WALL_SCALES: readonly number[] = [1, 2, 5, 10, 20, 25, 50, 100];

/**
 * A wall's elevation in true units: the drawing is in millimetres of the wall, the paper one to `scale`.
 * With the heights of rods, hems, centres and nails.
 */
export function wallSvg(
  ask: SheetAsk,
  wallId: string,
  scale: number,
): { name: string; svg: string } | undefined {
  const sheet = makeSheet(ask);
  const e = sheet?.plan.elevations.find((x) => x.wallId === wallId);
  const wall = sheet?.plan.walls.find((w) => w.id === wallId);
  if (!sheet || !e || !wall || !WALL_SCALES.includes(scale)) return undefined;
  const { plan, words } = sheet;
  const length = (mm: number) => formatLength(mm, sheet.file.room.unit).replace(/\u2044/g, '/');
  // words and lines have their size on paper, whatever the scale
  const mm = (onPaper: number) => onPaper * scale;
  const margin = mm(12);
  // a hem over a floor that falls away hangs below the datum
  const belowMm = Math.max(0, ...e.shapes.map((s) => -s.box.yMm));
  const span = seenSpan(e);
  const [width, height] = [span.widthMm + 2 * margin, e.ceilingMm + belowMm + 2 * margin];
  const [x, y] = [(v: number) => margin - span.xMm + v, (v: number) => margin + e.ceilingMm - v];
  const fill = (s: Shape) => {
    if (s.colours[0]) return hexOfLab(s.colours[0]);
    return s.form === 'curtain' ? hexOfLab(UNDYED) : '#e3e9ee';
  };
  const shapes = e.shapes.map((s) => {
    const box = `<rect x="${n(x(s.box.xMm))}" y="${n(y(s.box.yMm + s.box.heightMm))}" width="${n(Math.max(0, s.box.widthMm))}" height="${n(Math.max(0, s.box.heightMm))}" fill="${fill(s)}"${s.seeThrough ? ` fill-opacity="${n(1 - 0.7 * s.seeThrough)}"` : ''} stroke="#000" stroke-opacity="0.45" stroke-width="${n(mm(0.13))}">${s.name ? `<title>${svgText(s.name)}</title>` : ''}</rect>`;
    const folds =
      s.form === 'curtain' && s.folds
        ? Array.from(
            { length: s.folds - 1 },
            (_, i) =>
              `M${n(x(s.box.xMm + ((i + 1) * s.box.widthMm) / s.folds!))} ${n(y(s.box.yMm + s.box.heightMm))}V${n(y(s.box.yMm))}`,
          ).join('')
        : '';
    return folds
      ? `${box}<path d="${folds}" stroke="#000" stroke-opacity="0.3" stroke-width="${n(mm(0.1))}"/>`
      : box;
  });
  const say = (px: number, py: number, text: string, anchor = 'start') =>
    `<text x="${n(px)}" y="${n(py)}" font-size="${n(mm(2.4))}" text-anchor="${anchor}" stroke="#fff" stroke-opacity="0.7" stroke-width="${n(mm(0.6))}" paint-order="stroke">${svgText(text)}</text>`;
  // beside its point, on the side that has room for it
  const note = (px: number, py: number, text: string) =>
    px > width - mm(24) ? say(px - mm(1), py, text, 'end') : say(px + mm(1), py, text);
  const cross = (px: number, py: number) =>
    `<path d="M${n(px - mm(1.5))} ${n(py)}h${n(mm(3))}M${n(px)} ${n(py - mm(1.5))}v${n(mm(3))}" stroke="#000" stroke-width="${n(mm(0.25))}"/>`;
  const rods = plan.windows.flatMap((w) =>
    w.bracketsAt
      .filter((b) => b.wallId === wallId)
      .map(
        (b) =>
          `${cross(x(b.xMm), y(b.heightMm))}${note(x(b.xMm), y(b.heightMm) - mm(2), `${length(b.xMm)} / ${length(b.heightMm)}`)}`,
      ),
  );
  const nails = plan.hangings
    .filter((h) => h.wallId === wallId && !h.leans)
    .flatMap((h) =>
      h.nails.map(
        (k) =>
          `${cross(x(k.xMm), y(k.heightMm))}${note(x(k.xMm), y(k.heightMm) - mm(1), `${length(k.xMm)} / ${length(k.heightMm)}`)}`,
      ),
    );
  const edge = e.edge.map((p, i) => `${i === 0 ? 'M' : 'L'}${n(x(p.xMm))} ${n(y(p.heightMm))}`).join('');
  // furniture past the end of the wall stands before nothing that would cut it
  const past = [span.xMm, e.lengthMm].map((fromMm, i) => {
    const wideMm = i === 0 ? -span.xMm : span.xMm + span.widthMm - e.lengthMm;
    return wideMm > 0 ? `M${n(x(fromMm))} ${n(y(e.ceilingMm))}h${n(wideMm)}V${n(height)}h${n(-wideMm)}Z` : '';
  });
  const clipPath = `${edge}V${n(height)}H${n(x(0))}Z${past.join('')}`;
  const frame = `<path d="${edge}V${n(y(0))}H${n(x(0))}Z" fill="none" stroke="#000" stroke-width="${n(mm(0.35))}"/>`;
  const title = `${sheet.file.room.name}, ${words.wall(wall)}, ${sheet.look.name}, 1:${scale}`;
  const foot = `${say(margin, height - mm(4), title)}${say(margin, mm(6), `${length(e.lengthMm)} × ${length(e.ceilingMm)}`)}`;
  return {
    name: `${title.replace(':', ' to ')}.svg`,
    svg: `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width / scale)}mm" height="${n(height / scale)}mm" viewBox="0 0 ${n(width)} ${n(height)}" font-family="sans-serif"><title>${svgText(title)}</title><clipPath id="under"><path d="${clipPath}"/></clipPath><g clip-path="url(#under)">${shapes.join('')}</g>${frame}${rods.join('')}${nails.join('')}${foot}</svg>`,
  };
}
