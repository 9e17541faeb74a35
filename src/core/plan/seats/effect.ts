import type { Plan } from '../planLook';

/**
 * What an arrangement does to a colour of the room: in how many spots it appeared, and then appears; the widest gap without it
 * round the room, and how far it pulls to one side, as shares.
 */
export type Effect = {
  family: Pick<Plan['spread']['families'][number], 'id' | 'ownName' | 'colourName'>;
  previous: number;
  then: number;
  gap: { previous: number; then: number };
  pull: { previous: number; then: number };
};

/** A gap or a pull that changes by less is not told. */
const TOLD = 0.05;

/** The colours whose spots, gap or pull change. */
export function effectsOf(previous: Plan, plan: Plan): Effect[] {
  const coloured = ({ spread }: Plan) => spread.families.filter((f) => !f.neutral);
  const [before, after] = [coloured(previous), coloured(plan)];
  const families = new Map([...before, ...after].map((f) => [f.id, f]));
  const spreadOf = (among: typeof before, id: string) => {
    const spread = among.find((f) => f.id === id)?.spread;
    // what is nowhere has neither a gap nor a pull
    if (!spread || spread.places.length === 0) return { spots: 0, gap: 0, pull: 0 };
    return { spots: spread.places.length, gap: spread.widestGap.share, pull: spread.pull };
  };
  return [...families.values()].flatMap(({ id, ownName, colourName }): Effect[] => {
    const [was, then] = [spreadOf(before, id), spreadOf(after, id)];
    const effect = {
      family: { id, ownName, colourName },
      previous: was.spots,
      then: then.spots,
      gap: { previous: was.gap, then: then.gap },
      pull: { previous: was.pull, then: then.pull },
    };
    return was.spots !== then.spots || hasMoved(effect) ? [effect] : [];
  });
}

/** Whether a colour that stays in the room leaves a wider or narrower gap, or pulls otherwise. */
const hasMoved = ({ previous, then, gap, pull }: Omit<Effect, 'family'>): boolean =>
  previous > 0 && then > 0 && (isTold(gap) || isTold(pull));
export const isTold = (change: Effect['gap']): boolean => Math.abs(change.then - change.previous) >= TOLD;

/** In a word: whether a colour is better or less spread afterwards, new in the room, or gone from it. */
export type EffectKind = 'better' | 'worse' | 'fresh' | 'gone';

/** By the widest gap where that is told, else by the spots, else by the pull. */
export function effectKind({ previous, then, gap, pull }: Effect): EffectKind {
  if (previous === 0) return 'fresh';
  if (then === 0) return 'gone';
  if (isTold(gap)) return gap.then < gap.previous ? 'better' : 'worse';
  if (then !== previous) return then > previous ? 'better' : 'worse';
  return pull.then < pull.previous ? 'better' : 'worse';
}
