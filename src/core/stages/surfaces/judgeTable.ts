import { sum, type Mm } from '../../base/units';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Spot } from '../../room/spots/spot';
import { matIn } from '../../room/tableLinen';
import { TABLE_SIDES, type TableSide } from '../../room/tablePlaces';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { edgeRule, type LaidLinen, type TablePlan } from './planTable';

type Table = TablePlan & { spot: Spot; youngest: number; rules: RuleBook };
type Judge = (table: Table) => Finding[];

/** Cloth gives by this much. */
const GIVES: Mm = 1;

const finding = (
  code: FindingCode,
  level: Level,
  by: FindingFacts,
  told: { about: readonly string[]; rule?: RuleId },
): Finding => ({ code, level, stage: 'surfaces', by, ...told });

/** The rule for the longest drop, by the studio's school. */
export const longestDropRule = (rules: RuleBook) =>
  rules.school('surfaces.dropSchool') === 'formal' ? 'surfaces.dropFormal' : 'surfaces.dropEveryday';

/** A cloth hides its table's edges and stays out of laps, or goes down to the floor. */
const judgeCloth: Judge = ({ laid, spot, top, rules }) =>
  laid.flatMap(({ falls, name, placementId }) => {
    if (!falls) return [];
    const { endMm, frontMm, bareCornerMm } = falls;
    const [least, most] = [Math.min(endMm, frontMm), Math.max(endMm, frontMm)];
    const facts = { thing: name, on: spot.name, endMm, frontMm };
    const about = [placementId];
    if (bareCornerMm > GIVES)
      return [finding('cloth-corner-bare', 'caution', { ...facts, byMm: bareCornerMm }, { about })];
    const leastMm = rules.number('surfaces.dropLeast');
    if (leastMm - least > GIVES) {
      const told = { about, rule: 'surfaces.dropLeast' } as const;
      return [finding('cloth-too-short', 'caution', { ...facts, byMm: leastMm - least, leastMm }, told)];
    }
    if (most - top.topMm > GIVES)
      return [finding('cloth-on-floor', 'caution', { ...facts, byMm: most - top.topMm }, { about })];
    const rule = longestDropRule(rules);
    const mostMm = rules.number(rule);
    const toFloorMm = top.topMm - rules.number('surfaces.clothClear');
    // down to just above the floor on all sides is a way of its own
    const isToFloor = least >= toFloorMm - GIVES;
    if (most - mostMm > GIVES && !isToFloor)
      return [
        finding('cloth-too-long', 'caution', { ...facts, byMm: most - mostMm, mostMm }, { about, rule }),
      ];
    return [finding('cloth-falls-well', 'ok', facts, { about, rule: 'surfaces.dropLeast' })];
  });

/** A runner hangs down over both ends. */
const judgeRunner: Judge = ({ laid, spot, rules }) =>
  laid.flatMap(({ runner, name, placementId }) => {
    const leastMm = rules.number('surfaces.runnerOver');
    if (!runner || leastMm - runner.overhangMm <= GIVES) return [];
    const { overhangMm } = runner;
    const code = overhangMm < 0 ? 'runner-stops-short' : 'runner-hangs-little';
    const facts = { thing: name, on: spot.name, byMm: Math.abs(overhangMm), leastMm };
    return [finding(code, 'caution', facts, { about: [placementId], rule: 'surfaces.runnerOver' })];
  });

const OPPOSITE: Record<TableSide, TableSide> = { front: 'back', back: 'front', left: 'right', right: 'left' };

/** Mats lie flat: clear of each other, of those across the table and of a runner between them. */
const judgeMats: Judge = ({ laid, spot, top, rules }) =>
  laid
    .filter(({ item, places }) => item.kind === 'placemat' && places.length > 0)
    .flatMap((mats) => {
      const { wideMm, deepMm } = matIn(mats.item);
      const inMm = rules.number('surfaces.matIn');
      const between = TABLE_SIDES.map((side) => {
        const here = mats.places.filter((p) => p.side === side);
        if (here.length === 0) return 0;
        const facing = mats.places.some((p) => p.side === OPPOSITE[side]);
        const isAcross = side === 'front' || side === 'back';
        const spanMm = isAcross ? top.depthMm : top.widthMm;
        const runnerMm = runnerBetween(laid, isAcross);
        const takesMm = facing || runnerMm > 0 ? 2 * (inMm + deepMm) + runnerMm : inMm + deepMm;
        const besideMm = wideMm - Math.min(...here.map((p) => p.edgeMm));
        return Math.max(takesMm - spanMm, besideMm);
      });
      const byMm = Math.max(...between);
      if (byMm <= GIVES) return [];
      const facts = { thing: mats.name, on: spot.name, byMm };
      return [finding('mats-meet', 'caution', facts, { about: [mats.placementId], rule: 'surfaces.matIn' })];
    });

/** How wide the runner is that lies between the people at two sides. */
const runnerBetween = (laid: readonly LaidLinen[], isAcross: boolean): Mm =>
  Math.max(
    0,
    ...laid
      .filter(({ thing }) => thing.placement.lie === (isAcross ? 'alongTable' : 'acrossTable'))
      .map(({ runner }) => runner?.bandMm ?? 0),
  );

/** What lies at places. */
const atPlaces = (laid: readonly LaidLinen[]): string[] =>
  laid.filter(({ count }) => count > 0).map(({ placementId }) => placementId);

/** More places than there is room for, or as many as sit well. */
const judgePlaces: Judge = ({ laid, spot, settings, mostPlaces, rules }) => {
  if (settings === 0) return [];
  const about = atPlaces(laid);
  const rule = edgeRule(rules);
  const facts = { on: spot.name, count: settings, most: mostPlaces, edgeMm: rules.number(rule) };
  const code = settings > mostPlaces ? 'places-crowded' : 'places-fit';
  return [finding(code, settings > mostPlaces ? 'caution' : 'ok', facts, { about, rule })];
};

/** A napkin for everyone who has a mat. */
const judgeNapkins: Judge = ({ laid, spot }) => {
  const countOf = (kind: string) =>
    sum(laid.filter(({ item }) => item.kind === kind).map(({ count }) => count));
  const [mats, napkins] = [countOf('placemat'), countOf('napkin')];
  if (napkins === 0 || mats === 0 || napkins === mats) return [];
  const about = atPlaces(laid);
  return [finding('napkins-differ', 'caution', { on: spot.name, napkins, mats }, { about })];
};

/** Nobody sits where what is laid lies, or more than there are chairs. */
const judgeChairs: Judge = ({ laid, spot, settings, chairs }) => {
  if (settings === 0 || chairs === 0 || settings <= chairs) return [];
  const about = atPlaces(laid);
  return [finding('places-without-chairs', 'caution', { on: spot.name, count: settings, chairs }, { about })];
};

/** What a small child pulls at, everything on it comes down with. */
const judgePulled: Judge = ({ laid, spot, youngest, rules }) => {
  if (youngest > rules.number('safety.pullAge')) return [];
  const hanging = laid.filter(
    ({ falls, runner }) => Math.max(falls?.endMm ?? 0, falls?.frontMm ?? 0, runner?.overhangMm ?? 0) > GIVES,
  );
  return hanging.map(({ name, placementId }) =>
    finding(
      'cloth-pulled',
      'caution',
      { thing: name, on: spot.name },
      {
        about: [placementId],
        rule: 'safety.pullAge',
      },
    ),
  );
};

const JUDGES: readonly Judge[] = [
  judgeCloth,
  judgeRunner,
  judgeMats,
  judgePlaces,
  judgeNapkins,
  judgeChairs,
  judgePulled,
];

/** Findings about what a table is laid with. */
export const judgeTable: Judge = (table) => JUDGES.flatMap((judge) => judge(table));
