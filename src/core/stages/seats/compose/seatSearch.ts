import { elementAt } from '../../../base/list';
import { sum } from '../../../base/units';
import { facing, isPropped } from '../../../room/lies';
import type { RuleBook } from '../../../rules/book';
import type { ComposeAsk, SeatAsk } from './ask';
import { factsOf, type CoverFacts } from './coverFacts';
import { BARE, mostBesideWorth, scoreSeat, sittersShort, worthOf, type Dressed } from './score';
import {
  frameOf,
  lockedPillow,
  setOut,
  standing,
  slotsToFill,
  type Opening,
  type SeatFrame,
  type SetPillow,
} from './setOut';
import { groupsOf, schoolsFor } from './slots';
import { backOf } from '../back';

/**
 * How far a search goes: up to how many combinations all are kept; beyond that how many for each cover at the back; and how
 * many covers are tried in all.
 */
export type SeatBudget = { all: number; perBack: number; steps: number };

/**
 * The arrangements of one seat, the best first, and last the bare seat: all of them where they are few, else for each cover
 * at the back and each school the best few. A branch is passed over only if it can't be better than what is kept.
 *
 * @returns what was found, and whether that is all there is
 */
export function arrangementsOf(
  seat: SeatAsk,
  covers: readonly CoverFacts[],
  ask: ComposeAsk,
  rules: RuleBook,
  budget: SeatBudget,
): { found: Dressed[]; isComplete: boolean } {
  const locked = lockedOn(seat, ask, rules);
  const found: Dressed[] = [];
  let isComplete = true;
  for (const school of schoolsFor(seat.piece.seat, ask.school, rules)) {
    const frame = frameOf(seat, school, groupsOf(school, seat.piece.seat), locked);
    const search = new SchoolSearch(frame, covers, ask, rules, budget);
    found.push(...search.run());
    isComplete &&= search.isComplete;
  }
  return { found: [...found.sort(byScore), bare(seat, locked)], isComplete };
}

/** A seat with nothing on it but what is locked there. */
const bare = (seat: SeatAsk, locked: readonly SetPillow[]): Dressed => ({
  frame: frameOf(seat, 'spare', [], locked),
  covers: [],
  pillows: locked,
  score: BARE,
});

/** The better first; equals in the order of their covers, so that the same search has the same answer. */
export const byScore = (a: Dressed, b: Dressed): number =>
  b.score - a.score || (keyOf(a) < keyOf(b) ? -1 : 1);
const keyOf = ({ frame, covers }: Dressed): string =>
  `${frame.school} ${covers.map((c) => c.item.id).join(' ')}`;

function lockedOn({ locked }: SeatAsk, ask: ComposeAsk, rules: RuleBook): SetPillow[] {
  const inserts = [...ask.items.values()].filter((i) => i.kind === 'insert');
  return locked.filter(isPropped).flatMap((placement) => {
    const item = ask.items.get(placement.itemId);
    const cover = item && factsOf(facing(item, placement.face), ask, inserts, rules);
    return cover ? [lockedPillow(placement, cover, rules)] : [];
  });
}

/** Sizes are typed to the half millimetre. */
const EPSILON_MM = 0.5;
/** Scores that differ by less are the same. */
const SAME_SCORE = 1e-9;

/** The search of one school: covers for its groups, from the back to the front. */
class SchoolSearch {
  /** Whether every arrangement is among what was kept. */
  isComplete: boolean;
  private steps = 0;
  private readonly perBack: number;
  private readonly choices: readonly (readonly CoverFacts[])[];
  private readonly pillows: number;
  private readonly stepMm: number;
  /** What the locked pillows beside the school's places are worth, and at most everything from each group on. */
  private readonly extraWorth: number;
  private readonly hoped: readonly number[];
  private readonly short = new Map<string, number>();
  /** The best of each cover at the back. */
  private readonly kept = new Map<string, Dressed[]>();

  constructor(
    private readonly frame: SeatFrame,
    covers: readonly CoverFacts[],
    private readonly ask: ComposeAsk,
    private readonly rules: RuleBook,
    private readonly budget: SeatBudget,
  ) {
    this.pillows = Math.max(1, sum(frame.openings.map((o) => o.group.slots.length)) + frame.extra.length);
    this.choices = frame.openings.map((opening) => this.choicesFor(opening, covers));
    this.stepMm = rules.number('seats.stepDown') - EPSILON_MM;
    this.extraWorth = sum(frame.extra.map((p) => worthOf(p.cover, 1 / this.pillows)));
    const most = this.choices.map((list, i) => (list[0] ? worthOf(list[0], this.share(i)) : 0));
    this.hoped = most.map((_, i) => sum(most.slice(i)));
    const combinations = this.choices.reduce((n, list) => n * list.length, 1);
    this.perBack = combinations <= budget.all ? Infinity : budget.perBack;
    this.isComplete = combinations <= budget.all;
  }

  run(): Dressed[] {
    this.fill([], new Map());
    return [...this.kept.values()].flat();
  }

  /** The covers that may fill a group, those worth most first. */
  private choicesFor(opening: Opening, covers: readonly CoverFacts[]): readonly CoverFacts[] {
    const { group, fixed } = opening;
    const need = slotsToFill(opening);
    if (fixed) {
      const free = covers.find((c) => c.item.id === fixed.item.id)?.free ?? 0;
      return need <= free ? [fixed] : [];
    }
    const { piece } = this.frame.seat;
    const back = backOf(piece, this.rules);
    const allowed = covers.filter(
      (c) =>
        c.free >= need &&
        c.use.widthMm <= piece.seat.widthMm &&
        (!back || c.use.heightMm <= back.highestMm + EPSILON_MM),
    );
    const shaped = group.shape ? allowed.filter((c) => c.shape === group.shape) : [];
    const share = group.slots.length / this.pillows;
    return [...(shaped.length > 0 ? shaped : allowed)].sort((a, b) => worthOf(b, share) - worthOf(a, share));
  }

  private fill(chosen: readonly CoverFacts[], taken: ReadonlyMap<string, number>): void {
    const opening = this.frame.openings[chosen.length];
    if (!opening) {
      this.keep(chosen);
      return;
    }
    const need = slotsToFill(opening);
    const behind = chosen.at(-1);
    for (const cover of this.choices[chosen.length] ?? []) {
      if (behind && this.isTooTall(cover, behind, opening)) continue;
      if (++this.steps > this.budget.steps) {
        this.isComplete = false;
        return;
      }
      const used = taken.get(cover.item.id) ?? 0;
      if (need > 0 && used + need > cover.free && !opening.fixed) continue;
      const next = [...chosen, cover];
      if (!this.canBeBetter(next)) {
        // those that follow at the same back are worth less still
        if (behind) return;
        continue;
      }
      this.fill(next, new Map(taken).set(cover.item.id, used + need));
    }
  }

  /** In the school that goes from large to small a group is smaller than the one behind it. */
  private isTooTall(cover: CoverFacts, behind: CoverFacts, { fixed }: Opening): boolean {
    if (this.frame.school !== 'layered' || fixed) return false;
    return behind.item.heightMm - cover.item.heightMm < this.stepMm;
  }

  /** Whether the best that could follow is worth more than what is kept for its cover at the back. */
  private canBeBetter(chosen: readonly CoverFacts[]): boolean {
    const kept = this.kept.get(this.backOf(chosen));
    const worst = kept && kept.length >= this.perBack ? kept.at(-1) : undefined;
    if (!worst) return true;
    let worth = this.extraWorth + (this.hoped[chosen.length] ?? 0);
    for (let i = 0; i < chosen.length; i++) worth += worthOf(elementAt(chosen, i), this.share(i));
    return worth + mostBesideWorth(this.ask) + this.shortOf(chosen) > worst.score + SAME_SCORE;
  }

  /** What is taken off for those who can't sit already, by the sizes of what was chosen. */
  private shortOf(chosen: readonly CoverFacts[]): number {
    const key = chosen.map((c) => c.size).join('/');
    const known = this.short.get(key);
    if (known !== undefined) return known;
    const short = sittersShort(
      standing(this.frame, chosen, this.rules),
      this.frame.seat,
      this.ask,
      this.rules,
    );
    this.short.set(key, short);
    return short;
  }

  private share = (i: number): number => (this.frame.openings[i]?.group.slots.length ?? 0) / this.pillows;

  private backOf = (chosen: readonly CoverFacts[]): string => chosen[0]?.item.id ?? '';

  private keep(covers: readonly CoverFacts[]): void {
    const pillows = setOut(this.frame, covers, this.rules);
    if (!pillows) return;
    const score = scoreSeat(pillows, this.frame, this.ask, this.rules);
    const key = this.backOf(covers);
    const kept = [...(this.kept.get(key) ?? []), { frame: this.frame, covers, pillows, score }].sort(byScore);
    this.kept.set(key, kept.slice(0, this.perBack));
  }
}
