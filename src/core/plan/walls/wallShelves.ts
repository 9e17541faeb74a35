import type { Gram, Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Fitting, RoomFile } from '../../model/types';
import type { Wall } from '../../room/walls';
import type { RuleBook } from '../../rules/book';

export type ShelfBracket = { xMm: Mm; loadG: Gram };
export type Shelf = {
  fittingId: string;
  loadG: Gram;
  /** From left to right, each with what it carries, and the most that one does. */
  brackets: ShelfBracket[];
  mostG: Gram;
  overTank: OverTank | null;
};
type TankReading = 'tankTop' | 'floor' | 'tankBottom';
/** Heights of the lower edge over a tank, by each reading, and by the studio's own. */
export type OverTank = { name: string; readings: Record<TankReading, Mm>; wantMm: Mm };
export type ShelvesPlan = { shelves: Shelf[]; findings: Finding[] };

type Context = { file: Pick<RoomFile, 'fittings'>; walls: readonly Wall[]; rules: RuleBook };

/** A height that is off by less looks right. */
const NOT_SEEN: Mm = 5;
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

function loadOf(shelf: Fitting, rules: RuleBook): Pick<Shelf, 'loadG' | 'brackets' | 'mostG'> {
  const loadG = (rules.number('walls.shelfLoad') * shelf.widthMm) / 1000;
  const spans = Math.max(1, Math.ceil(shelf.widthMm / rules.number('walls.shelfBracketApart') - 1e-9));
  // a bracket carries half of the board on each side of it: one at the end half a span
  const spanG = loadG / spans;
  const brackets = Array.from({ length: spans + 1 }, (_, i): ShelfBracket => ({
    xMm: shelf.xMm + (shelf.widthMm * i) / spans,
    loadG: i === 0 || i === spans ? spanG / 2 : spanG,
  }));
  return { loadG, brackets, mostG: Math.max(...brackets.map((bracket) => bracket.loadG)) };
}

/** Where the lower edge of a shelf or a cabinet over a tank belongs, by each reading of the rule. */
function tankHeights(tank: Fitting, rules: RuleBook): OverTank {
  const over = rules.number('walls.overTank');
  const bottomMm = tank.bottomMm > 0 ? tank.bottomMm : rules.number('walls.tankBottom');
  const readings = {
    tankTop: tank.bottomMm + tank.heightMm + over,
    floor: rules.number('walls.overTankFloor'),
    tankBottom: bottomMm + over,
  };
  const school = rules.school('walls.overTankSchool') as TankReading;
  return { name: tank.name, readings, wantMm: readings[school] };
}

function judgeOverTank(shelf: Fitting, { name, readings, wantMm }: OverTank, rules: RuleBook): Finding {
  const offMm = shelf.bottomMm - wantMm;
  const heights = Object.values(readings);
  const readingsPart = Math.max(...heights) - Math.min(...heights) > rules.number('walls.schoolsPart');
  const isOff = Math.abs(offMm) > NOT_SEEN;
  return {
    code: isOff ? 'shelf-over-tank-off' : 'shelf-over-tank',
    level: isOff ? 'caution' : 'ok',
    stage: 'walls',
    about: [shelf.id],
    rule: 'walls.overTankSchool',
    by: {
      piece: shelf.name,
      tank: name,
      bottomMm: shelf.bottomMm,
      wantMm,
      tankTopMm: readings.tankTop,
      floorMm: readings.floor,
      tankBottomMm: readings.tankBottom,
      byMm: Math.abs(offMm),
      direction: offMm < 0 ? 'low' : 'high',
      part: readingsPart ? 'yes' : 'no',
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
