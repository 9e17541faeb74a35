import type { Point } from '../../core/geometry/plane';
import type { FloorLine } from '../../core/stages/floor/planFloor';
import type { Scale } from '../../ui/drawing/scale';

/** A number on its line: the line's ends and the middle of the number, in units of the drawing. */
export type LabelledLine = {
  label: string;
  from: { x: number; y: number };
  to: { x: number; y: number };
  at: { x: number; y: number };
  width: number;
};

export const LABEL_HIGH = 17;
/** Where on its line a number may stand, the best place first, in shares of the line. */
const PLACES = [0.5, 0.3, 0.7, 0.15, 0.85];

/** The numbers of lines, each where it lies on none of those before it; in the middle where no place of its line is free. */
export function lineLabels(
  lines: readonly Line[],
  scale: Pick<Scale, 'x' | 'y'>,
  wordsOf: (line: Line) => string,
): LabelledLine[] {
  const placed: LabelledLine[] = [];
  for (const line of lines) {
    const [from, to] = [onPaper(line.from, scale), onPaper(line.to, scale)];
    const label = wordsOf(line);
    // a fraction is as wide as two letters
    const width = Math.max(20, label.replace(/ ?\d+\u2044\d+/g, 'ab').length * 6.2 + 18);
    const candidates = PLACES.map((share) => ({
      x: from.x + share * (to.x - from.x),
      y: from.y + share * (to.y - from.y),
    }));
    const isFree = (at: Px) => !placed.some((other) => liesOn(at, width, other));
    const at = candidates.find(isFree) ?? candidates[0] ?? from;
    placed.push({ label, from, to, at, width });
  }
  return placed;
}

type Line = Pick<FloorLine, 'from' | 'to' | 'mm'>;
type Px = { x: number; y: number };

const onPaper = (p: Point, scale: Pick<Scale, 'x' | 'y'>): Px => ({ x: scale.x(p.xMm), y: scale.y(p.yMm) });

const liesOn = (at: Px, width: number, other: LabelledLine): boolean =>
  Math.abs(at.x - other.at.x) < (width + other.width) / 2 && Math.abs(at.y - other.at.y) < LABEL_HIGH;
