import type { Mm } from '../base/units';
import { apart, overlapLength } from '../geometry/plane';
import type { Finding, FindingCode, FindingFacts, StageName } from '../model/finding';
import type { Item, Look, RoomFile } from '../model/types';
import { canTip, isGlazed } from '../room/kinds';
import { footprint, type OnWall } from '../room/place';
import { pointOnWall, type Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';
import { mayBeSmallPart } from '../safety/smallParts';
import type { HangingPlan } from '../stages/walls/planHanging';
import type { WindowPlan } from '../stages/windows/windowPlan';

type Facts = {
  walls: readonly Wall[];
  windows: readonly WindowPlan[];
  hangings: readonly HangingPlan[];
  places: ReadonlyMap<string, OnWall>;
};

/** Cautions that the facts of a room and of who lives in it bring with them, and what rests on readings that are not sure. */
export function roomCautions(
  file: RoomFile,
  look: Look,
  items: ReadonlyMap<string, Item>,
  facts: Facts,
  rules: RuleBook,
): Finding[] {
  const found: Finding[] = [];
  const find = (
    code: FindingCode,
    stage: StageName,
    about: readonly string[],
    by: FindingFacts,
    rule?: RuleId,
    level: Finding['level'] = 'caution',
  ) => found.push({ code, level, stage, about, by, ...(rule ? { rule } : {}) });
  const { flags } = file.home;
  const youngest = flags.childrenAges.length > 0 ? Math.min(...flags.childrenAges) : Infinity;
  const topOf = new Map<string, { name: string; topMm: Mm }>([
    ...file.pieces.map((p) => [p.id, { name: p.name, topMm: p.bottomMm + p.heightMm }] as const),
    ...file.fittings.flatMap((f) =>
      f.mantel ? [[f.id, { name: f.name, topMm: f.mantel.topMm }] as const] : [],
    ),
  ]);

  // what is not sure
  const guesses = (about: string) => file.room.readings.filter((r) => r.about === about && r.guess);
  for (const w of facts.windows) {
    const count =
      [...new Set([w.openingId, ...w.openingIds])].reduce((n, id) => n + guesses(id).length, 0) +
      guesses('room').filter((r) => r.field === 'ceilingMm').length;
    if (count > 0) find('rests-on-guess', 'windows', [w.openingId], { thing: w.name, count });
  }
  for (const h of facts.hangings) {
    const over = look.hangings.find((x) => x.id === h.hangingId)?.overPieceId;
    const count = over ? guesses(over).length : 0;
    if (count > 0) find('rests-on-guess', 'walls', [h.hangingId], { thing: h.name, count });
  }
  const differ = file.room.readings.filter((r) => r.secondMm !== null);
  if (differ.length > 0)
    find(
      'readings-differ',
      'measure',
      differ.map((r) => r.about),
      { count: differ.length },
    );

  // windows that open into the room
  for (const w of facts.windows) {
    for (const o of file.openings)
      if (
        w.openingIds.includes(o.id) &&
        w.mount === 'wall' &&
        o.kind === 'window' &&
        o.opens === 'in' &&
        o.hinge !== 'none' &&
        w.rodHeightMm < o.sillMm + o.heightMm + o.trimMm + 25
      )
        find('sash-meets-curtain', 'windows', [o.id], { window: o.name });
  }

  // children, pets, allergies
  const tall = file.pieces.filter((p) => canTip(p) && p.heightMm >= rules.number('safety.tipFrom'));
  const screens = file.fittings.filter((f) => f.kind === 'tv');
  if (youngest <= rules.number('safety.tipAge') && tall.length + screens.length > 0)
    find(
      'can-tip',
      'measure',
      [...tall, ...screens].map((p) => p.id),
      { names: [...tall, ...screens].map((p) => p.name).join(', ') },
      'safety.tipFrom',
    );
  for (const bed of file.pieces.filter(
    (p) => p.kind === 'cot' || (file.room.childsRoom && p.kind === 'bed'),
  )) {
    for (const o of file.openings.filter(isGlazed)) {
      const wall = facts.walls.find((w) => w.id === o.wallId)!;
      const gap = apart(footprint(bed), [pointOnWall(wall, o.xMm), pointOnWall(wall, o.xMm + o.widthMm)]);
      if (gap.mm < rules.number('safety.bedFromWindow'))
        find(
          'bed-by-window',
          'measure',
          [bed.id, o.id],
          { bed: bed.name, window: o.name, byMm: gap.mm, wantMm: rules.number('safety.bedFromWindow') },
          'safety.bedFromWindow',
        );
    }
  }
  for (const h of facts.hangings) {
    const item = items.get(h.itemId);
    const below = file.pieces.find((p) => {
      const on = facts.places.get(p.id);
      return (
        p.kind === 'cot' &&
        on?.wallId === h.wallId &&
        overlapLength(on.xMm, on.xMm + on.widthMm, h.xMm - h.widthMm / 2, h.xMm + h.widthMm / 2) > 0
      );
    });
    if (item && below && (item.glazed || item.massG >= rules.number('walls.heavyFrom')))
      find(
        'glazed-over-cot',
        'walls',
        [h.hangingId, below.id],
        { piece: h.name, bed: below.name },
        undefined,
        'stop',
      );
  }
  const placed = look.placements.flatMap((p) => {
    const item = items.get(p.itemId);
    const top = topOf.get(p.pieceId);
    return item && top ? [{ p, item, top }] : [];
  });
  const used = new Map<string, Item>([
    ...placed.map(({ item }) => [item.id, item] as const),
    ...[
      ...look.hangings,
      ...look.dressings,
      ...look.dressings.flatMap((d) => (d.sheer ? [d.sheer] : [])),
    ].flatMap((x) => {
      const i = x.itemId ? items.get(x.itemId) : undefined;
      return i ? [[i.id, i] as const] : [];
    }),
  ]);
  const named = (test: (i: Item) => boolean) => [...used.values()].filter(test);
  const tell = (
    code: FindingCode,
    stage: StageName,
    which: readonly Item[],
    level: Finding['level'] = 'caution',
  ) => {
    if (which.length > 0)
      find(
        code,
        stage,
        which.map((i) => i.id),
        { names: which.map((i) => i.name).join(', ') },
        undefined,
        level,
      );
  };
  tell(
    'colour-unseen',
    'colour',
    named((i) => !i.seen),
  );
  tell(
    'colour-uncorrected',
    'colour',
    named((i) => i.colourFrom === 'photo'),
    'yielded',
  );
  if (flags.woolFree)
    tell(
      'wool-in-wool-free',
      'colour',
      named((i) => i.fibre === 'wool'),
      'stop',
    );
  if (flags.scentFree)
    tell(
      'scent-in-scent-free',
      'colour',
      named((i) => i.scented),
      'stop',
    );
  if (flags.pets || youngest < 4)
    tell(
      'poisonous-plant',
      'colour',
      named((i) => i.poisonous),
    );

  const reach =
    youngest < 2
      ? rules.number('safety.reachUnderTwo')
      : youngest < 3
        ? rules.number('safety.reachUnderThree')
        : 0;
  const reachRule: RuleId = youngest < 2 ? 'safety.reachUnderTwo' : 'safety.reachUnderThree';
  if (youngest < 3) {
    for (const { p, item, top } of placed)
      if (p.as === 'object' && top.topMm < reach && mayBeSmallPart(item.widthMm, item.heightMm, item.depthMm))
        find(
          'small-part-in-reach',
          'colour',
          [p.id],
          { thing: item.name, piece: top.name, topMm: top.topMm, reachMm: reach },
          reachRule,
        );
  }
  for (const { p, item, top } of placed.filter((x) => x.item.kind === 'candle')) {
    const clear = rules.number('safety.candleClear');
    const near = placed.find(
      (o) =>
        o.p.pieceId === p.pieceId &&
        o.p.id !== p.id &&
        (o.item.kind === 'plant' || o.p.as !== 'object') &&
        Math.abs(o.p.xMm - p.xMm) - (o.item.widthMm + item.widthMm) / 2 < clear,
    );
    if (near)
      find(
        'candle-near-cloth',
        'colour',
        [p.id, near.p.id],
        { candle: item.name, thing: near.item.name, wantMm: clear },
        'safety.candleClear',
      );
    if ((youngest < 3 && top.topMm < reach) || flags.pets)
      find(
        'candle-in-reach',
        'colour',
        [p.id],
        { candle: item.name, piece: top.name },
        youngest < 3 ? reachRule : undefined,
      );
  }
  return found;
}
