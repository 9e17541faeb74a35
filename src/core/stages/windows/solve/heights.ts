import { clamp, planStep, toPlanned, type Mm } from '../../../base/units';
import type { Landing } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import { holdsAt, rodBySchool, rodLimits, type RodFacts } from '../rod';
import { outerOf } from '../span';
import { BIT, type Frame } from './candidates';
import type { WindowOptions } from './options';
import { levelTolerance } from './score';
import { isOnLine, type Fit, type SolveWindow } from './solution';

const SCHOOLS = ['high', 'twoThirds', 'overFrame'] as const;

/** Where the rods of some windows may hang: on one line, or each by itself. */
export class Heights {
  /** The preferred height of each window, and of the line that most of them share. */
  readonly wishesMm: readonly Mm[];
  readonly wishMm: Mm;
  private readonly heads: readonly RodFacts[];
  private readonly onLine: readonly boolean[];
  private readonly toleranceMm: Mm;
  private readonly minutesEach: number;
  private readonly isShared: boolean;
  /** How far from where it lands a length can still be hung: by pins, rings, or its hem. */
  private readonly reaches: readonly Mm[];

  /** `asWished`: each window as it hangs where the rule has it. */
  constructor(
    windows: readonly SolveWindow[],
    asWished: readonly Fit[],
    private readonly rules: RuleBook,
  ) {
    this.onLine = windows.map(isOnLine);
    this.heads = asWished.map(headOf);
    this.wishesMm = asWished.map((f) => f.plan.rodHeightMm);
    this.wishMm = mostShared(this.wishesMm.filter((_, i) => this.onLine[i]));
    this.toleranceMm = levelTolerance(rules);
    this.minutesEach = rules.number('windows.minutesToMoveRod');
    this.isShared = rules.school('windows.rodLine') === 'shared';
    this.reaches = reachesOf(rules);
  }

  /** All windows on a line; one that can't hold it keeps its own height. */
  onLineAt(lineMm: Mm, landing: Landing | null, gives: number): Frame {
    const rods = this.wishesMm.map((wishMm, i) => (this.holds(i, lineMm) ? lineMm : wishMm));
    return this.frame(rods, landing, gives);
  }

  /** What heights and a landing give up, and the time it takes to move the rods. */
  frame(rods: readonly Mm[], landing: Landing | null, gives: number): Frame {
    const onWall = rods.filter((_, i) => this.onLine[i]);
    const offs = rods.map((mm, i) => (this.onLine[i] ? Math.abs(mm - (this.wishesMm[i] ?? mm)) : 0));
    const apartMm = onWall.length > 0 ? Math.max(...onWall) - Math.min(...onWall) : 0;
    const offMm = Math.max(0, ...offs);
    const isOff = offMm > this.toleranceMm;
    let all = gives;
    if (landing !== null) all |= BIT.landing;
    if (isOff) all |= BIT.height;
    if (this.isShared && apartMm > this.toleranceMm) all |= BIT.oneLine;
    return { rods, landing, offMm, gives: all, minutes: isOff ? onWall.length * this.minutesEach : 0 };
  }

  /** The wished line, and every other at which a product lands somewhere or nearly so, the nearest first. */
  lines(options: readonly WindowOptions[], landings: readonly (Landing | null)[]): Mm[] {
    const giveMm = this.rules.number('windows.pinGive');
    return [this.wishMm, ...this.linesOff(options, landings, [0, -giveMm, giveMm])];
  }

  /** Every line at which a product is just about brought to a window's length by its pins, rings or hem. */
  furtherLines(options: readonly WindowOptions[], landings: readonly (Landing | null)[]): Mm[] {
    return this.linesOff(options, landings, this.reaches);
  }

  private linesOff(
    options: readonly WindowOptions[],
    landings: readonly (Landing | null)[],
    offsMm: readonly Mm[],
  ): Mm[] {
    if (!this.onLine.includes(true)) return [];
    const lands = landings.flatMap((landing) =>
      options.flatMap((o, i) => {
        const own = this.onLine[i] ? o.landsAt(landing) : [];
        return [...new Set(own)].flatMap((mm) => offsMm.map((offMm) => mm + offMm));
      }),
    );
    const marks = new Map<number, Mm>();
    for (const mm of [...this.bySchool(), ...lands, ...this.ends()]) {
      const planned = toPlanned(mm, this.rules.unit);
      if (this.isAllowed(planned)) marks.set(Math.round(planned * 100), planned);
    }
    marks.delete(Math.round(this.wishMm * 100));
    return [...marks.values()].sort((a, b) => Math.abs(a - this.wishMm) - Math.abs(b - this.wishMm) || b - a);
  }

  /** The lowest and the highest that the windows allow. */
  private ends(): Mm[] {
    return this.heads.flatMap((head, i) => {
      const { lowMm, highMm } = rodLimits(head, this.rules);
      return this.onLine[i] ? [lowMm, highMm] : [];
    });
  }

  /** Heights at which a product lands by itself at a window, or is just about brought to its length. */
  own(landsMm: Mm, index: number): Mm[] {
    const head = this.heads[index];
    const wishMm = this.wishesMm[index] ?? 0;
    if (!this.onLine[index] || !head) return [wishMm];
    const { lowMm, highMm } = rodLimits(head, this.rules);
    const reached = [0, ...this.reaches].map((offMm) =>
      clamp(toPlanned(landsMm + offMm, this.rules.unit), lowMm, highMm),
    );
    return [...new Set([wishMm, ...reached])];
  }

  /** The line by each school of height, where it can be held. */
  bySchool(): Mm[] {
    const heads = this.heads.filter((_, i) => this.onLine[i]);
    return SCHOOLS.map((school) =>
      Math.max(...heads.map((head) => rodBySchool(head, this.rules, school).rodMm)),
    ).filter((mm) => this.isAllowed(mm));
  }

  /** Held by as many windows as hold the wished line. */
  private isAllowed(mm: Mm): boolean {
    return this.holding(mm) >= this.holding(this.wishMm);
  }

  private holding(mm: Mm): number {
    return this.heads.filter((_, i) => this.holds(i, mm)).length;
  }

  private holds(index: number, mm: Mm): boolean {
    const head = this.heads[index];
    return head !== undefined && this.onLine[index] === true && holdsAt(head, mm, this.rules);
  }
}

/** Up as far as longer rings, pins or a hem let down can lower it; down to where there is cloth for a new hem. */
function reachesOf(rules: RuleBook): Mm[] {
  const [low, high] = rules.range('windows.pinRange');
  const stockHemMm = rules.number('windows.stockHem');
  const giveMm = rules.number('windows.pinGive');
  return [
    rules.range('windows.longerRings')[1],
    2 * (stockHemMm - rules.number('windows.leastHem')),
    2 * (stockHemMm - rules.number('windows.hem')),
    high - low,
    low - high,
    giveMm,
    -giveMm,
    -planStep(rules.unit) - giveMm,
  ];
}

/** Frame top and what is over the frame, as the plan of the window goes by. */
const headOf = ({ plan, window }: Fit): RodFacts => {
  const { leftMm, rightMm } = outerOf(window.target.span);
  return { frameTopMm: plan.frameTopMm, ceilingMm: window.place.overhead(leftMm, rightMm).mm };
};

/** The height that most of them have; of single ones the highest. */
function mostShared(wishesMm: readonly Mm[]): Mm {
  const sharing = (mm: Mm) => wishesMm.filter((w) => Math.abs(w - mm) < 0.5).length;
  return [...wishesMm].sort((a, b) => sharing(b) - sharing(a) || b - a)[0] ?? -Infinity;
}
