import type { Mm } from '../../base/units';
import type { Finding, Level } from '../../model/finding';
import type { Fitting, RoomFile } from '../../model/types';
import type { Wall } from '../../room/walls';
import type { RuleBook } from '../../rules/book';

export type Shelf = {
  fittingId: string;
  loadG: number;
  brackets: number;
  perBracketG: number;
  overTank: OverTank | null;
};
type OverTank = { name: string; byTankMm: Mm; byFloorMm: Mm };
export type ShelvesPlan = { shelves: Shelf[]; findings: Finding[] };

type Context = { file: Pick<RoomFile, 'fittings'>; walls: readonly Wall[]; rules: RuleBook };

/** Two fittings are over one another when they share more than this of the wall. */
const SHARED_WIDTH: Mm = 20;
const isOver = (a: Fitting, b: Fitting): boolean =>
  a.wallId === b.wallId &&
  Math.min(a.xMm + a.widthMm, b.xMm + b.widthMm) - Math.max(a.xMm, b.xMm) > SHARED_WIDTH;

/** The shelves on the walls: load and brackets, the step to the one below, and the height over a tank. */
export function planShelves({ file, walls, rules }: Context): ShelvesPlan {
  const fittings = file.fittings.filter((f) => f.kind === 'shelf' && walls.some((w) => w.id === f.wallId));
  const findings: Finding[] = [];
  const shelves = fittings.map((shelf): Shelf => {
    const lower = fittings
      .filter((s) => s !== shelf && isOver(s, shelf) && s.bottomMm < shelf.bottomMm)
      .sort((a, b) => b.bottomMm - a.bottomMm)[0];
    const tank = file.fittings.find((f) => f.kind === 'toilet' && isOver(f, shelf));
    const overTank = tank && !lower ? tankHeights(tank, rules) : null;
    if (overTank) findings.push(judgeOverTank(shelf, overTank, rules));
    if (lower) findings.push(...judgeStep(shelf, lower, rules));
    return { fittingId: shelf.id, ...loadOf(shelf, rules), overTank };
  });
  return { shelves, findings };
}

function loadOf(shelf: Fitting, rules: RuleBook): Pick<Shelf, 'loadG' | 'brackets' | 'perBracketG'> {
  const loadG = (rules.number('walls.shelfLoad') * shelf.widthMm) / 1000;
  const spans = Math.ceil(shelf.widthMm / rules.number('walls.shelfBracketApart') - 1e-9);
  const brackets = Math.max(2, 1 + spans);
  return { loadG, brackets, perBracketG: loadG / (brackets - 1) };
}

const tankHeights = (tank: Fitting, rules: RuleBook): OverTank => ({
  name: tank.name,
  byTankMm: tank.bottomMm + tank.heightMm + rules.number('walls.overTank'),
  byFloorMm: rules.number('walls.overTankFloor'),
});

function judgeOverTank(shelf: Fitting, { name, byTankMm, byFloorMm }: OverTank, rules: RuleBook): Finding {
  const topMm = shelf.bottomMm + shelf.heightMm;
  const offMm = topMm - byTankMm;
  const schoolsPart = Math.abs(byTankMm - byFloorMm) > rules.number('walls.schoolsPart');
  const tooLow = offMm < -5;
  const higher: Level = schoolsPart ? 'yielded' : 'ok';
  return {
    code: tooLow ? 'shelf-over-tank-off' : 'shelf-over-tank',
    level: tooLow ? 'caution' : higher,
    stage: 'walls',
    about: [shelf.id],
    rule: 'walls.overTank',
    by: {
      piece: shelf.name,
      tank: name,
      topMm,
      tankByMm: byTankMm,
      floorMm: byFloorMm,
      byMm: Math.abs(offMm),
      part: schoolsPart ? 'yes' : 'no',
    },
  };
}

function judgeStep(shelf: Fitting, lower: Fitting, rules: RuleBook): Finding[] {
  const stepMm = shelf.bottomMm - (lower.bottomMm + lower.heightMm);
  const [low, high] = rules.range('walls.shelfApartRange');
  if (stepMm >= low - 1 && stepMm <= high + 1) return [];
  return [
    {
      code: 'shelf-step-off',
      level: 'yielded',
      stage: 'walls',
      about: [shelf.id],
      rule: 'walls.shelfApart',
      by: {
        piece: shelf.name,
        other: lower.name,
        byMm: stepMm,
        wantMm: low,
        wantToMm: high,
        direction: stepMm < low ? 'near' : 'far',
      },
    },
  ];
}
