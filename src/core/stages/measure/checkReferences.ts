import { describeNoun, NOUN_NAMES, NOUNS, rowsOfNoun, valueAt, type NounName } from '../../model/nouns';
import type { Look, RoomFile, WorkedOn } from '../../model/types';
import { checkOwnRule } from '../../rules/ownRule';
import type { MeasureIssue } from './issue';

type Path = (string | number)[];
type Ids = ReadonlySet<string>;
/** Ids that a row may refer to. */
type Known = {
  items: Ids;
  walls: Ids;
  openings: Ids;
  hungOver: Ids;
  hosts: Ids;
  axes: Ids;
  tubs: Ids;
  groups: Ids;
  pieces: Ids;
  fittings: Ids;
};
/** What of them is the same for the whole room. */
type KnownInRoom = Omit<Known, 'groups'>;

/** Shares are whole numbers of per cent: three of them may miss the whole by a little. */
const SHARES_OFF = 0.011;

const refuse = (code: MeasureIssue['code'], about: string, path: Path, field: string): MeasureIssue => ({
  code,
  level: 'refuse',
  path,
  about,
  field,
});

/** Where a row of each noun refers to something other than an item. */
const REFERENCES: Partial<
  Record<NounName, readonly { path: string; readIds: (known: Known, id: string) => Ids }[]>
> = {
  dressing: [{ path: 'openingId', readIds: ({ tubs, openings }, id) => (tubs.has(id) ? tubs : openings) }],
  hanging: [
    { path: 'wallId', readIds: ({ walls }) => walls },
    { path: 'overPieceId', readIds: ({ hungOver }) => hungOver },
    { path: 'groupId', readIds: ({ groups }) => groups },
  ],
  group: [
    { path: 'wallId', readIds: ({ walls }) => walls },
    { path: 'overPieceId', readIds: ({ hungOver }) => hungOver },
    { path: 'axisId', readIds: ({ axes }) => axes },
  ],
  moved: [{ path: 'id', readIds: ({ pieces }) => pieces }],
  placement: [{ path: 'spot.of', readIds: ({ hosts }) => hosts }],
};

/** Ids used once, and every id referred to exists. */
export function checkReferences(file: RoomFile): MeasureIssue[] {
  const known = knownIds(file);
  return [
    ...sameIds(file.room.walls, ['room', 'walls']),
    ...sameIds(file.items, ['items']),
    ...sameIds(file.places, ['places']),
    ...sameIds(file.looks, ['looks']),
    ...sameIds(file.room.holes, ['room', 'holes']),
    ...(file.looks.length === 0 ? [refuse('no-look', 'room', ['looks'], 'looks')] : []),
    ...file.room.holes.flatMap((hole, i) =>
      missing(known.walls, hole.wallId, () => ['room', 'holes', i, 'wallId']),
    ),
    ...NOUN_NAMES.flatMap((noun) => checkNoun(file, noun, known)),
    ...file.looks.flatMap((look, l) => [
      ...dressedTwice(look, l),
      ...carriesItself(look, l),
      ...namedAsHost(look, l, known.hosts),
      ...broughtAsHost(look, l, known.hosts),
      ...unevenShares(look, l),
      ...workedOnNothing(look, l, known),
    ]),
    ...file.rules.flatMap((rule, i) =>
      checkOwnRule(rule)
        ? [{ ...refuse('rule-refused', rule.ruleId, ['rules', i], 'value'), other: rule.ruleId }]
        : [],
    ),
  ];
}

const idsOf = (rows: readonly { id: string }[]): Set<string> => new Set(rows.map((row) => row.id));

function knownIds(file: RoomFile): KnownInRoom {
  const pieces = idsOf(file.pieces);
  return {
    pieces,
    fittings: idsOf(file.fittings),
    items: idsOf(file.items),
    walls: idsOf(file.room.walls),
    openings: idsOf(file.openings),
    hungOver: new Set([...pieces, ...idsOf(file.fittings)]),
    hosts: new Set([...pieces, ...idsOf(file.fittings), ...idsOf(file.openings)]),
    axes: new Set([...pieces, ...idsOf(file.fittings)]),
    tubs: idsOf(file.fittings.filter((f) => f.kind === 'tub')),
  };
}

function sameIds(rows: readonly { id: string }[], path: Path): MeasureIssue[] {
  const seen = new Set<string>();
  return rows.flatMap((row, i) => {
    const twice = seen.has(row.id);
    seen.add(row.id);
    return twice ? [refuse('same-id', row.id, [...path, i, 'id'], 'id')] : [];
  });
}

function missing(ids: Ids, id: string | null | undefined, pathOf: () => Path): MeasureIssue[] {
  if (id === null || id === undefined || ids.has(id)) return [];
  const path = pathOf();
  return [{ ...refuse('not-found', id, path, String(path.at(-1))), other: id }];
}

function checkNoun(file: RoomFile, noun: NounName, known: KnownInRoom): MeasureIssue[] {
  const { where, list } = NOUNS[noun];
  if (where !== 'look') {
    const path = where === 'clear' ? ['clear', list] : [list];
    return checkRows(file, noun, { ...known, groups: new Set() }, path);
  }
  return file.looks.flatMap((look, l) =>
    checkRows(file, noun, knownInLook(known, look), ['looks', l, list], look.id),
  );
}

/** One list: its ids, the items it uses, and what else its rows refer to. */
function checkRows(
  file: RoomFile,
  noun: NounName,
  known: Known,
  path: Path,
  lookId?: string,
): MeasureIssue[] {
  const rows = rowsOfNoun(file, noun, lookId);
  const items = describeNoun(noun).items.map((idPath) => ({
    path: idPath,
    readIds: ({ items: ids }: Known) => ids,
  }));
  const references = [...items, ...(REFERENCES[noun] ?? [])];
  return [
    ...sameIds(rows, path),
    ...rows.flatMap((row, i) =>
      references.flatMap(({ path: idPath, readIds }) => {
        const id = valueAt(row, idPath) as string | null | undefined;
        return missing(readIds(known, id ?? ''), id, () => [...path, i, ...idPath.split('.')]);
      }),
    ),
  ];
}

/** In a look things are in groups, and on other things. */
function knownInLook(known: KnownInRoom, look: Look): Known {
  const brought = idsOf(look.brought);
  return {
    ...known,
    groups: idsOf(look.groups),
    hungOver: new Set([...known.hungOver, ...brought]),
    axes: new Set([...known.axes, ...brought]),
    hosts: new Set([...known.hosts, ...known.walls, ...brought, ...idsOf(look.placements)]),
  };
}

/** A thing that is on or in itself, at however many removes. */
function carriesItself(look: Look, l: number): MeasureIssue[] {
  const carrierOf = new Map(look.placements.map((p) => [p.id, p.spot.of]));
  return look.placements.flatMap(({ id }, i) => {
    const seen = new Set<string>();
    let carrier = carrierOf.get(id);
    while (carrier !== undefined && carrier !== id && !seen.has(carrier)) {
      seen.add(carrier);
      carrier = carrierOf.get(carrier);
    }
    const path = ['looks', l, 'placements', i, 'spot', 'of'];
    return carrier === id ? [refuse('carries-itself', id, path, 'spot')] : [];
  });
}

/** A placed thing with the id of something built in or of a piece: what is on it would be on either. */
function namedAsHost(look: Look, l: number, hosts: Ids): MeasureIssue[] {
  const brought = idsOf(look.brought);
  return look.placements.flatMap(({ id }, i) =>
    hosts.has(id) || brought.has(id)
      ? [refuse('same-id', id, ['looks', l, 'placements', i, 'id'], 'id')]
      : [],
  );
}

/** A piece of one look with the id of something that is in the room. */
const broughtAsHost = (look: Look, l: number, hosts: Ids): MeasureIssue[] =>
  look.brought.flatMap(({ id }, i) =>
    hosts.has(id) ? [refuse('same-id', id, ['looks', l, 'brought', i, 'id'], 'id')] : [],
  );

/** A window that two dressings dress. */
function dressedTwice(look: Look, l: number): MeasureIssue[] {
  const seen = new Set<string>();
  return look.dressings.flatMap(({ openingId }, i) => {
    const twice = seen.has(openingId);
    seen.add(openingId);
    const path = ['looks', l, 'dressings', i, 'openingId'];
    return twice ? [refuse('same-id', openingId, path, 'openingId')] : [];
  });
}

/** What each work is done on: one wall, fitting or piece, a thing of the stash, or a part of the room that needs no name. */
function workedOnNothing(look: Look, l: number, known: KnownInRoom): MeasureIssue[] {
  const named: Partial<Record<WorkedOn, Ids>> = {
    wall: known.walls,
    fitting: known.fittings,
    piece: known.pieces,
  };
  return look.works.flatMap(({ on, of, itemId }, i) => {
    const path = ['looks', l, 'works', i];
    const ids = named[on];
    const isNamed = ids ? of !== null && ids.has(of) : of === null;
    const isItem = (on === 'item') === (itemId !== null);
    return [
      ...(isNamed ? [] : [{ ...refuse('not-found', of ?? on, [...path, 'of'], 'of'), other: of ?? on }]),
      ...(isItem
        ? []
        : [{ ...refuse('not-found', itemId ?? on, [...path, 'itemId'], 'itemId'), other: itemId ?? on }]),
    ];
  });
}

function unevenShares({ id, plannedShares }: Look, l: number): MeasureIssue[] {
  if (!plannedShares) return [];
  const offBy = Math.abs(plannedShares.reduce((a, b) => a + b, 0) - 1);
  const field = 'plannedShares';
  return offBy > SHARES_OFF ? [refuse('shares-not-whole', id, ['looks', l, field], field)] : [];
}
