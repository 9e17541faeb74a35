import { sum, type Mm } from '../../base/units';
import { overlapDepth } from '../../geometry/convex';
import { pastOval, turnedCorners, type Point } from '../../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Spot } from '../../room/spots/spot';
import type { ClothFalls, TableTop } from '../../room/tableLinen';
import { matAt, type LyingMat } from '../../room/tableMats';
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
const judgeCloth: Judge = (table) =>
  table.laid.flatMap(({ falls, name, placementId }) => {
    if (!falls) return [];
    const { endMm, frontMm } = falls;
    const facts = { thing: name, on: table.spot.name, endMm, frontMm };
    const about = [placementId];
    const wrong = wrongWith(falls, table);
    if (!wrong) return [finding('cloth-falls-well', 'ok', facts, { about, rule: 'surfaces.dropLeast' })];
    const { code, rule, by } = wrong;
    return [finding(code, 'caution', { ...facts, ...by }, { about, ...(rule ? { rule } : {}) })];
  });

type Wrong = { code: FindingCode; by: FindingFacts; rule?: RuleId };

/** The first that is wrong with how a cloth falls. */
function wrongWith(
  { endMm, frontMm, lowestMm, bareCornerMm }: ClothFalls,
  { top, rules }: Table,
): Wrong | undefined {
  const [least, most] = [Math.min(endMm, frontMm), Math.max(endMm, frontMm)];
  if (bareCornerMm > GIVES) return { code: 'cloth-corner-bare', by: { byMm: bareCornerMm } };
  const leastMm = rules.number('surfaces.dropLeast');
  if (leastMm - least > GIVES)
    return { code: 'cloth-too-short', by: { byMm: leastMm - least, leastMm }, rule: 'surfaces.dropLeast' };
  if (most - top.topMm > GIVES) return { code: 'cloth-on-floor', by: { byMm: most - top.topMm } };
  const rule = longestDropRule(rules);
  const mostMm = rules.number(rule);
  // down to just above the floor on all sides is a way of its own
  const isToFloor = least >= top.topMm - rules.number('surfaces.clothClear') - GIVES;
  if (most - mostMm > GIVES && !isToFloor)
    return { code: 'cloth-too-long', by: { byMm: most - mostMm, mostMm }, rule };
  return lowestMm - top.topMm > GIVES
    ? { code: 'cloth-corners-on-floor', by: { byMm: lowestMm - top.topMm } }
    : undefined;
}

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

/** Mats lie flat: clear of each other, of a runner between them, and on the table. */
const judgeMats: Judge = ({ laid, spot, top, rules }) => {
  const inMm = rules.number('surfaces.matIn');
  const runners = laid.flatMap((linen) => runnerOn(linen, top));
  return laid
    .filter(({ item, places }) => item.kind === 'placemat' && places.length > 0)
    .flatMap((mats) => {
      const lying = mats.places.map((place) => matAt(place, mats.item, top, inMm));
      const byMm = Math.max(
        0,
        ...lying.flatMap((mat, i) => [
          pastFarEdge(mat, top),
          ...[...lying.slice(i + 1), ...runners].map((other) => overlapDepth(mat.outline, other.outline)),
        ]),
      );
      if (byMm <= GIVES) return [];
      const facts = { thing: mats.name, on: spot.name, byMm };
      return [finding('mats-meet', 'caution', facts, { about: [mats.placementId], rule: 'surfaces.matIn' })];
    });
};

/** A runner as it lies on the top, from its left end and from its back edge. */
function runnerOn({ runner, thing }: LaidLinen, { widthMm, depthMm }: TableTop): { outline: Point[] }[] {
  if (!runner) return [];
  const middle = { xMm: widthMm / 2, yMm: depthMm / 2 };
  // one that stops short of the edge lies no further out than it reaches
  const lies = (mm: Mm): Mm => Math.max(0, mm + 2 * Math.min(0, runner.overhangMm));
  const outline =
    thing.placement.lie === 'acrossTable'
      ? turnedCorners({ ...middle, xMm: thing.placement.xMm }, runner.bandMm, lies(depthMm), 0)
      : turnedCorners(middle, lies(widthMm), runner.bandMm, 0);
  return [{ outline }];
}

/** How far a mat reaches past the table's edge: across the table, or near the end of a narrow oval. */
const pastFarEdge = ({ outline }: LyingMat, { widthMm, depthMm, round }: TableTop): Mm =>
  Math.max(
    ...outline.map(({ xMm, yMm }) =>
      round
        ? pastOval({ xMm: xMm - widthMm / 2, yMm: yMm - depthMm / 2 }, widthMm, depthMm)
        : Math.max(-xMm, xMm - widthMm, -yMm, yMm - depthMm),
    ),
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
