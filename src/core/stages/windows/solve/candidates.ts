import type { Mm, Money } from '../../../base/units';
import type { Landing } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import { WEIGHT } from './choose';
import type { Fit, Want } from './solution';

/** Wants as bits, so that thousands of attempts can be told apart quickly. */
const WANTS = Object.keys(WEIGHT) as Want[];
export const BIT = Object.fromEntries(WANTS.map((want, i) => [want, 1 << i])) as Record<Want, number>;
const WEIGHTS = Array.from({ length: 1 << WANTS.length }, (_, gives) =>
  WANTS.reduce((weight, want) => (gives & BIT[want] ? weight + WEIGHT[want] : weight), 0),
);
export const weightOf = (gives: number): number => WEIGHTS[gives] ?? 0;

/** Something worth hanging: a product at each window, with what it gives up and takes. */
export type Candidate = {
  chosen: readonly Fit[];
  rods: readonly Mm[];
  landing: Landing | null;
  gives: number;
  cost: Money;
  minutes: number;
  offMm: Mm;
};

/** What an attempt gives up by its heights and landing alone, and the minutes that moving the rods takes. */
export type Frame = Pick<Candidate, 'rods' | 'landing' | 'gives' | 'offMm' | 'minutes'>;
/** What attempts are compared by. */
type Told = Pick<Candidate, 'gives' | 'cost' | 'minutes' | 'offMm'>;

const MIXED_KEPT = 4;
const ENOUGH = 40;

/** The best attempt of each product and of each set of wants, and the best few that mix products. */
export class Candidates {
  private readonly singles = new Map<number, Candidate>();
  private readonly mixed = new Map<number, Candidate[]>();
  private readonly compare: (a: Told, b: Told) => number;
  private least = Infinity;

  constructor(rules: RuleBook) {
    this.compare = COMPARED[rules.school('windows.rankBy')] ?? byCost;
  }

  /** Whether there is plenty to choose from. */
  isEnough(): boolean {
    return this.singles.size >= ENOUGH;
  }

  /** How much the best of them gives up. */
  leastWeight(): number {
    return this.least;
  }

  /** One product at all windows; kept where it is the best of its kind. */
  single(product: number, told: Told, candidate: () => Candidate): void {
    const key = (product << 10) | told.gives;
    const known = this.singles.get(key);
    if (known && this.compare(told, known) >= 0) return;
    if (!known) this.least = Math.min(this.least, weightOf(told.gives));
    this.singles.set(key, candidate());
  }

  mix(candidate: Candidate): void {
    this.least = Math.min(this.least, weightOf(candidate.gives));
    const known = this.mixed.get(candidate.gives) ?? [];
    this.mixed.set(candidate.gives, [candidate, ...known].sort(this.compare).slice(0, MIXED_KEPT));
  }

  /** The best found so far that mixes products and gives up these wants. */
  bestMix(gives: number): Candidate | undefined {
    return this.mixed.get(gives)?.[0];
  }

  /** All that was found. */
  all(): Candidate[] {
    return [...this.singles.values(), ...[...this.mixed.values()].flat()];
  }
}

const byCost = (a: Told, b: Told): number => a.cost - b.cost || a.minutes - b.minutes || a.offMm - b.offMm;
const COMPARED: Record<string, (a: Told, b: Told) => number> = {
  fit: (a, b) => Math.round(a.offMm) - Math.round(b.offMm) || a.cost - b.cost || a.minutes - b.minutes,
  work: (a, b) => a.minutes - b.minutes || a.offMm - b.offMm || a.cost - b.cost,
  cost: byCost,
};
