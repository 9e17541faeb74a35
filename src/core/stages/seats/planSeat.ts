import { type Mm } from '../../base/units';
import { chromaOf, deltaE00 } from '../../colour/spaces';
import { overlapLength } from '../../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { HomeFlags, Item, Piece, Placement, Seat } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { chooseInsert, pillowThickness, type InsertChoice } from './insert';

export type PillowPlan = {
  placementId: string;
  itemId: string;
  name: string;
  /** Centre along the seat from the left arm, and the size it takes up when filled. */
  xMm: Mm;
  useWidthMm: Mm;
  useHeightMm: Mm;
  layer: number;
  thicknessMm: Mm;
  cover: { widthMm: Mm; heightMm: Mm };
  insert: InsertChoice;
  fill: Placement['fill'];
};
export type FreeSpan = { fromMm: Mm; toMm: Mm; sitters: number };
export type SeatPlan = {
  pieceId: string;
  name: string;
  pillows: PillowPlan[];
  free: FreeSpan[];
  canSit: number;
  seats: number;
  wantedSitters: number;
  depthLeftMm: Mm;
  toLiftOff: number;
  rulesUsed: { insert: RuleId; useWidth: RuleId; sitter: RuleId; depth: RuleId };
  findings: Finding[];
};

/** Size a cover takes up on the seat, turned on its side or not. */
export function takenSize(item: Item, turned: boolean, rules: RuleBook): { widthMm: Mm; heightMm: Mm } {
  const k = rules.number('seats.useWidth');
  return turned
    ? { widthMm: item.heightMm * k, heightMm: item.widthMm * k }
    : { widthMm: item.widthMm * k, heightMm: item.heightMm * k };
}

/**
 * Pillows of one seat, back to front: inserts, room to sit, sizes and patterns, with what to look out for.
 */
export function planSeat(
  piece: Piece & { seat: Seat },
  placements: readonly Placement[],
  items: ReadonlyMap<string, Item>,
  flags: HomeFlags,
  rules: RuleBook,
): SeatPlan {
  const findings: Finding[] = [];
  // what is true of several pillows in the same words is said once, about all of them
  const said = new Map<string, number>();
  const find = (
    code: FindingCode,
    level: Level,
    by: FindingFacts,
    rule?: RuleId,
    about: readonly string[] = [piece.id],
  ) => {
    const key = JSON.stringify([code, by]);
    const at = said.get(key);
    if (at !== undefined)
      findings[at] = { ...findings[at]!, about: [...new Set([...findings[at]!.about, ...about])] };
    else
      said.set(
        key,
        findings.push({
          code,
          level,
          stage: 'seats',
          about,
          by: { seat: piece.name, ...by },
          ...(rule ? { rule } : {}),
        }) - 1,
      );
  };
  const { seat } = piece;
  const rows = placements
    .flatMap((p) => {
      const item = items.get(p.itemId);
      return p.pieceId === piece.id && p.as === 'pillow' && item ? [{ p, item }] : [];
    })
    .sort((a, b) => a.p.layer - b.p.layer || a.p.xMm - b.p.xMm);
  const pillows: PillowPlan[] = rows.map(({ p, item }) => {
    const use = takenSize(item, p.turned, rules);
    return {
      placementId: p.id,
      itemId: item.id,
      name: item.name,
      xMm: p.xMm,
      useWidthMm: use.widthMm,
      useHeightMm: use.heightMm,
      layer: p.layer,
      fill: p.fill,
      cover: { widthMm: item.widthMm, heightMm: item.heightMm },
      insert: chooseInsert(item, p.fill, rules),
      thicknessMm: pillowThickness(item, rules),
    };
  });
  // one can sit in front of pillows that leave enough depth; the others take their width from the seat
  const deep = (p: PillowPlan) =>
    seat.depthMm - stackAt(pillows, p.xMm) < rules.number('seats.depthLeft') - 0.5;
  const eachMm =
    seat.seats === 1
      ? Math.min(rules.number('seats.perSitter'), seat.widthMm)
      : rules.number('seats.perSitter');
  const free = freeSpans(pillows.filter(deep), seat.widthMm, eachMm);
  const canSit = Math.min(
    seat.seats,
    free.reduce((n, s) => n + s.sitters, 0),
  );
  // what is left in front of the deepest stack of pillows
  const depthLeftMm = Math.max(0, seat.depthMm - thickestStack(pillows));
  judge();
  return {
    pieceId: piece.id,
    name: piece.name,
    pillows,
    free,
    canSit,
    seats: seat.seats,
    wantedSitters: seat.wantedSitters,
    depthLeftMm,
    toLiftOff: pillows.length,
    rulesUsed: {
      insert: pillows[0]?.insert.rule ?? 'seats.featherOver',
      useWidth: 'seats.useWidth',
      sitter: 'seats.perSitter',
      depth: 'seats.depthLeft',
    },
    findings,
  };

  function judge(): void {
    if (seat.wantedSitters > 0) {
      const short = canSit < seat.wantedSitters;
      find(
        short ? 'seat-room-short' : 'seat-room-good',
        short ? 'caution' : 'ok',
        { canSit, wanted: seat.wantedSitters, eachMm, depthMm: rules.number('seats.depthLeft') },
        'seats.perSitter',
      );
    }
    for (const p of pillows) {
      if (!p.insert.insert)
        find(
          'insert-none-fits',
          'caution',
          {
            cover: p.name,
            widthMm: p.insert.wanted.widthMm,
            heightMm: p.insert.wanted.heightMm,
            nearWidthMm: p.insert.nearest.widthMm,
            nearHeightMm: p.insert.nearest.heightMm,
          },
          p.insert.rule,
          [p.placementId],
        );
      const off = Math.max(p.useWidthMm / 2 - p.xMm, p.xMm + p.useWidthMm / 2 - seat.widthMm);
      if (off > p.useWidthMm * rules.number('seats.offSeat'))
        find('pillow-off-the-seat', 'stop', { pillow: p.name, byMm: off }, 'seats.offSeat', [p.placementId]);
      const over = seat.heightMm + p.useHeightMm - (piece.heightMm + rules.number('seats.overBack'));
      if (over > 0.5 && piece.heightMm > seat.heightMm + 1)
        find(
          'back-too-tall',
          'caution',
          { pillow: p.name, byMm: over + rules.number('seats.overBack') },
          'seats.overBack',
          [p.placementId],
        );
      if (flags.featherFree && p.fill === 'feather')
        find('feather-in-feather-free', 'stop', { pillow: p.name }, undefined, [p.placementId]);
    }
    judgeSteps();
    judgePatterns();
  }

  function judgeSteps(): void {
    let steps = 0;
    for (const front of pillows) {
      // a pillow steps down from what stands right behind it, not from every row further back
      const behind = pillows
        .filter(
          (back) =>
            back.layer < front.layer &&
            overlapOf(front, back) >= front.useWidthMm * rules.number('seats.inFrontFrom'),
        )
        .reduce<PillowPlan | undefined>(
          (best, p) =>
            !best ||
            p.layer > best.layer ||
            (p.layer === best.layer && overlapOf(front, p) > overlapOf(front, best))
              ? p
              : best,
          undefined,
        );
      if (!behind) continue;
      steps++;
      const step = behind.cover.heightMm - front.cover.heightMm;
      const by = {
        front: front.name,
        back: behind.name,
        stepMm: step,
        wantMm: rules.number('seats.stepDown'),
      };
      const about = [front.placementId, behind.placementId];
      if (step < -0.5) find('front-larger-than-back', 'caution', by, 'seats.stepDown', about);
      else if (step < rules.number('seats.stepDown') - 0.5)
        find('step-too-small', 'caution', by, 'seats.stepDown', about);
    }
    if (
      steps > 0 &&
      !findings.some((f) => f.code === 'front-larger-than-back' || f.code === 'step-too-small')
    )
      find('steps-good', 'ok', {}, 'seats.stepDown');
  }

  function judgePatterns(): void {
    const itemOf = (p: PillowPlan) => items.get(p.itemId)!;
    const bold = pillows.filter(
      (p) =>
        itemOf(p).pattern.kind !== 'solid' &&
        itemOf(p).pattern.kind !== 'texture' &&
        itemOf(p).pattern.repeatMm >= rules.number('seats.boldRepeat'),
    );
    const boldKinds = new Set(bold.map((p) => p.itemId)).size;
    if (boldKinds > rules.number('seats.boldPatterns'))
      find(
        'too-many-bold',
        'caution',
        { count: boldKinds, most: rules.number('seats.boldPatterns') },
        'seats.boldPatterns',
      );
    const along = [...pillows].filter((p) => p.layer === 0).sort((a, b) => a.xMm - b.xMm);
    const [left, right] = [along[0], along[along.length - 1]];
    if (left && right && left !== right && seat.seats > 1) {
      const apart = deltaE00(itemOf(left).colours[0]!, itemOf(right).colours[0]!);
      const alike = left.itemId === right.itemId || apart <= rules.number('seats.matchDeltaE');
      find(
        alike ? 'ends-match' : 'ends-differ',
        alike ? 'ok' : 'caution',
        { left: left.name, right: right.name, deltaE: apart },
        'seats.matchDeltaE',
      );
    }
    for (const p of pillows) {
      const item = itemOf(p);
      if (
        item.pattern.kind === 'solid' &&
        item.colours[0]!.l >= rules.number('seats.starkFrom') &&
        chromaOf(item.colours[0]!) < rules.number('seats.starkTint')
      )
        find('white-on-a-seat', 'yielded', { pillow: p.name }, 'seats.starkFrom', [p.placementId]);
      if (!item.washable && (flags.pets || flags.childrenAges.length > 0))
        find('unwashable-with-children', 'caution', { pillow: p.name }, undefined, [p.placementId]);
    }
  }
}

/** The stretches of a seat that the given pillows leave free, and how many can sit on each. */
export function freeSpans(
  pillows: readonly Pick<PillowPlan, 'xMm' | 'useWidthMm'>[],
  seatWidthMm: Mm,
  perSitterMm: Mm,
): FreeSpan[] {
  const taken = pillows
    .map(
      (p) =>
        [Math.max(0, p.xMm - p.useWidthMm / 2), Math.min(seatWidthMm, p.xMm + p.useWidthMm / 2)] as const,
    )
    .sort((a, b) => a[0] - b[0]);
  const spans: FreeSpan[] = [];
  let at = 0;
  for (const [from, to] of [...taken, [seatWidthMm, seatWidthMm] as const]) {
    if (from - at > 1)
      spans.push({ fromMm: at, toMm: from, sitters: Math.floor((from - at) / perSitterMm + 1e-6) });
    at = Math.max(at, to);
  }
  return spans;
}

/** The stretch of the seat that two pillows share. */
const overlapOf = (p: PillowPlan, q: PillowPlan): Mm =>
  overlapLength(
    p.xMm - p.useWidthMm / 2,
    p.xMm + p.useWidthMm / 2,
    q.xMm - q.useWidthMm / 2,
    q.xMm + q.useWidthMm / 2,
  );

/** How far the pillows at a place along the seat stand out together. */
const stackAt = (pillows: readonly PillowPlan[], xMm: Mm): Mm =>
  pillows
    .filter((q) => overlapLength(xMm - 1, xMm + 1, q.xMm - q.useWidthMm / 2, q.xMm + q.useWidthMm / 2) > 0)
    .reduce((s, q) => s + q.thicknessMm, 0);

const thickestStack = (pillows: readonly PillowPlan[]): Mm =>
  Math.max(0, ...pillows.map((p) => stackAt(pillows, p.xMm)));
