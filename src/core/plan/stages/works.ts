import type { Mm } from '../../base/units';
import type { Fitting, Item, Look, Opening, Work } from '../../model/types';
import { fittingsAfter, itemsAfter, piecesAfter, worksToDo } from '../../room/works';
import type { OnWall } from '../../room/place';
import type { PlacedThing } from '../../room/placed';
import type { Wall } from '../../room/walls';
import type { Amount } from '../../stages/works/amount';
import { planWork, type WorkPlan } from '../../stages/works/planWork';
import { targetOf } from '../../stages/works/target';
import type { BuyLine, Material } from '../../stash/buying';
import type { FittingStep } from '../fittingStep';
import { part } from '../parts';
import { progress, settled, stage } from '../stage';

type Dressed = {
  look: Pick<Look, 'brought' | 'dressings' | 'hangings'>;
  openings: readonly Opening[];
  fittings: readonly Fitting[];
  walls: readonly Wall[];
  placed: readonly PlacedThing[];
  places: ReadonlyMap<string, OnWall>;
};
type UsedThing = { itemId: string | null; count: number; wallId: string | undefined };

/** Every thing of the stash that the look uses, with the wall at which it is. */
function usedThings({ look, openings, fittings, walls, placed, places }: Dressed): UsedThing[] {
  const wallOfHost = (id: string) =>
    places.get(id)?.wallId ??
    [...openings, ...fittings].find((host) => host.id === id)?.wallId ??
    // a corner of the floor is one of its wall
    walls.find((wall) => wall.id === id)?.id;
  return [
    ...placed.map(({ item, placement, on }) => ({
      itemId: item.id,
      count: placement.count,
      wallId: wallOfHost(on.id),
    })),
    ...look.brought.map(({ id, itemId }) => ({ itemId, count: 1, wallId: places.get(id)?.wallId })),
    ...look.hangings.flatMap(({ itemId, print, wallId }) => [
      { itemId, count: 1, wallId },
      { itemId: print?.itemId ?? null, count: 1, wallId },
    ]),
    ...look.dressings.flatMap(({ itemId, panels, sheer, openingId }) => {
      const wallId = wallOfHost(openingId);
      return [
        { itemId, count: panels ?? 2, wallId },
        { itemId: sheer?.itemId ?? null, count: sheer?.panels ?? 2, wallId },
      ];
    }),
  ];
}

function countsOf(used: readonly UsedThing[]) {
  const usedOf = new Map<string, number>();
  const wallOf = new Map<string, string>();
  for (const { itemId, count, wallId } of used) {
    if (itemId === null) continue;
    usedOf.set(itemId, (usedOf.get(itemId) ?? 0) + count);
    if (wallId && !wallOf.has(itemId)) wallOf.set(itemId, wallId);
  }
  return { usedOf, wallOf };
}

const works = part(
  'works',
  {
    file: ['room', 'openings', 'home'],
    look: ['works', 'brought', 'dressings', 'hangings'],
    parts: ['measured', 'fittingsBefore', 'itemsBefore', 'walls', 'places', 'placed', 'rules'],
  },
  ({ file, look, measured, fittingsBefore, itemsBefore, walls, places, placed, rules }): WorkPlan[] => {
    if (look.works.length === 0) return NO_WORKS;
    const facts = {
      room: file.room,
      openings: file.openings,
      walls,
      places,
      rules,
      ...countsOf(
        usedThings({ look, openings: file.openings, fittings: fittingsBefore, walls, placed, places }),
      ),
    };
    return look.works.flatMap((work, i) => {
      // what was cut down by a work before this one is as small by then
      const earlier = { works: look.works.slice(0, i) };
      const target = targetOf(work, {
        ...facts,
        fittings: fittingsAfter([...fittingsBefore], earlier),
        pieces: piecesAfter([...measured], earlier),
        items: new Map(itemsAfter([...itemsBefore], earlier).map((item) => [item.id, inStash(item)])),
      });
      return target ? planWork(work, target, { rules, rented: file.home.flags.rented }) : [];
    });
  },
);
const NO_WORKS: WorkPlan[] = [];
/** What was given away can't be worked on. */
const inStash = (item: Item): Item => (item.state === 'gone' ? { ...item, count: 0 } : item);

/** The work is done before the day: what it is, what it takes, when it is begun. */
const workStep = (
  { work, target, amount, beginDays, waitHours }: WorkPlan,
  firstWall: string,
): FittingStep => ({
  kind: 'work',
  about: work.id,
  name: target.name,
  wallId: target.wallId ?? firstWall,
  marks: [],
  finishedMm: [],
  count: target.count,
  work: {
    act: work.act,
    on: work.on,
    amount,
    coats: work.coats,
    beginDays,
    waitHours,
    minutes: work.minutes,
  },
});

/** What has to be bought for a work; what takes nothing and has no price is no line. */
function materialOf({ work, target, amount, toBuy }: WorkPlan): BuyLine[] {
  if (toBuy === 0 || (amount.kind === 'none' && work.cost === null)) return [];
  const { act, on } = work;
  const { by, quantity, count = 1, widthMm = null, heightMm = null } = boughtOf(work, amount, toBuy);
  return [
    {
      kind: 'material',
      name: target.name,
      count,
      widthMm,
      heightMm,
      cost: work.cost,
      need: count,
      have: 0,
      material: { act, on, wallId: on === 'wall' ? target.wallId : null, by, amount: quantity },
    },
  ];
}

type BoughtOf = {
  by: Material['by'];
  quantity: number;
  count?: number;
  widthMm?: Mm;
  heightMm?: Mm;
};

/** How a material is bought: by the litre, by length, in whole rolls, cut to size, by weight of the cloth, or by the piece. */
function boughtOf({ strip }: Work, amount: Amount, toBuy: number | null): BoughtOf {
  switch (amount.kind) {
    case 'litres':
      return { by: 'litres', quantity: toBuy ?? amount.litres };
    case 'strips':
      return offRoll(strip, toBuy ?? amount.lengthMm, amount.rolls);
    case 'sheet':
      return amount.cut
        ? offRoll(strip, toBuy ?? amount.cut.lengthMm, amount.cut.rolls)
        : { by: 'sheets', quantity: amount.count, count: amount.count, ...sizeOf(amount) };
    case 'dye':
      return { by: 'dye', quantity: amount.massG };
    case 'pulls':
      return { by: 'pulls', quantity: amount.count, count: amount.count };
    case 'open':
    case 'none':
      return { by: 'some', quantity: 1 };
  }
}

/** By length, or in whole rolls. */
function offRoll(strip: Work['strip'], quantity: Mm, rolls: number | null): BoughtOf {
  const rollMm = strip?.lengthMm ?? null;
  return rolls === null || rollMm === null
    ? { by: 'length', quantity }
    : { by: 'rolls', quantity, count: Math.ceil(quantity / rollMm - 1e-9) };
}
const sizeOf = ({ widthMm, heightMm }: { widthMm: Mm; heightMm: Mm }) => ({ widthMm, heightMm });

export const worksStage = stage({
  name: 'works',
  parts: [works],
  reads: { look: ['works'], parts: ['works', 'walls'] },
  findings: ({ works: plans }) => plans.flatMap((plan) => plan.findings),
  steps: ({ works: plans, walls }) => plans.filter(isToDo).map((plan) => workStep(plan, walls[0]?.id ?? '')),
  bought: ({ works: plans }) => ({ lines: plans.filter(isToDo).flatMap(materialOf), uses: [] }),
  state: ({ look }, open) => {
    const of = look.works.length;
    const done = of - worksToDo(look).length;
    return { state: settled(progress(done, of), open), done, of, open, needs: 'nothing' };
  },
});

const isToDo = ({ work }: WorkPlan): boolean => work.doneOn === null;
