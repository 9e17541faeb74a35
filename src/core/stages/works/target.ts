import { sum, type Gram, type Mm, type SquareMm } from '../../base/units';
import { polygonArea } from '../../geometry/plane';
import type { Fitting, Item, Opening, Piece, Room, Work, WorkedOn } from '../../model/types';
import { areaUnder, overheadOf } from '../../room/ceiling';
import { depthOf } from '../../room/lies';
import type { OnWall } from '../../room/place';
import { trimArea } from '../../room/trim';
import type { Wall } from '../../room/walls';
import { clothWeight } from '../../room/weight';
import type { RuleBook } from '../../rules/book';
import { CLOTH_KINDS } from '../../model/values/item';

/** A face that strips are laid on, from side to side. */
export type Face = { widthMm: Mm; heightMm: Mm };
type Extent = { widthMm: Mm; heightMm: Mm; depthMm: Mm };

/** What a work is done on, measured as it is before the work. */
export type WorkTarget = {
  name: string;
  /** The wall at which it is; null where it is at none or at several. */
  wallId: string | null;
  areaMm2: SquareMm;
  faces: readonly Face[];
  /** A thing's own size, and what it weighs dry; null of the room itself. */
  extent: Extent | null;
  mass: { g: Gram; isGuessed: boolean } | null;
  /** How many of it the look uses: each is worked on. */
  count: number;
  isOwned: boolean;
  /** Whether the look has it at all. */
  isUsed: boolean;
};

export type TargetFacts = {
  room: Room;
  openings: readonly Opening[];
  /** As they are before the works of the look. */
  fittings: readonly Fitting[];
  pieces: readonly Piece[];
  items: ReadonlyMap<string, Item>;
  walls: readonly Wall[];
  places: ReadonlyMap<string, OnWall>;
  rules: RuleBook;
  /** How many of each thing of the stash the look uses. */
  usedOf: ReadonlyMap<string, number>;
  /** The wall at which a thing of the stash is in the look. */
  wallOf: ReadonlyMap<string, string>;
};

/** What a work is done on; null when it is no longer there. */
export const targetOf = (work: Work, facts: TargetFacts): WorkTarget | null => TARGETS[work.on](work, facts);

const TARGETS: Record<WorkedOn, (work: Work, facts: TargetFacts) => WorkTarget | null> = {
  walls: (_, facts) =>
    shell(
      sum(facts.walls.map((wall) => wallArea(wall, facts))),
      facts.walls.map((wall) => faceOf(wall, facts)),
    ),
  wall: ({ of }, facts) => {
    const wall = facts.walls.find((w) => w.id === of);
    return wall ? shell(wallArea(wall, facts), [faceOf(wall, facts)], wall.id) : null;
  },
  trim: (_, { room, openings, walls }) => shell(trimArea(room, openings, walls), []),
  floor: (_, { room }) => shell(Math.abs(polygonArea(room.walls)), []),
  fitting: ({ of }, { fittings }) => {
    const fitting = fittings.find((f) => f.id === of);
    return fitting ? standing(fitting, fitting.wallId) : null;
  },
  piece: ({ of }, { pieces, places }) => {
    const piece = pieces.find((p) => p.id === of);
    if (!piece) return null;
    const place = places.get(piece.id);
    const target = { ...standing(piece, place?.wallId ?? null), isUsed: place !== undefined };
    return piece.kind === 'rug' ? { ...target, areaMm2: piece.widthMm * piece.depthMm } : target;
  },
  item: ({ itemId }, facts) => {
    const item = facts.items.get(itemId ?? '');
    return item ? thing(item, facts) : null;
  },
};

/** A part of the room itself. */
const shell = (areaMm2: SquareMm, faces: readonly Face[], wallId: string | null = null): WorkTarget => ({
  name: '',
  wallId,
  areaMm2,
  faces,
  extent: null,
  mass: null,
  count: 1,
  isOwned: true,
  isUsed: true,
});

/** A wall under its upper edge, without the openings in it and their casings. */
function wallArea(wall: Wall, { room, openings, walls }: TargetFacts): SquareMm {
  const open = openings
    .filter((o) => o.wallId === wall.id)
    .map((o) => (o.widthMm + 2 * o.trimMm) * (o.heightMm + o.trimMm));
  return Math.max(0, areaUnder(overheadOf(room, wall, walls)) - sum(open));
}

/** A wall as strips are counted on it: its whole length, as high as it is highest. */
const faceOf = (wall: Wall, { room, walls }: TargetFacts): Face => ({
  widthMm: wall.lengthMm,
  heightMm: Math.max(...overheadOf(room, wall, walls).map((p) => p.heightMm)),
});

/** What stands, as a box: front, back, both sides and the top. */
const boxArea = ({ widthMm, heightMm, depthMm }: Extent): SquareMm =>
  2 * (widthMm + depthMm) * heightMm + widthMm * depthMm;

function standing({ name, widthMm, heightMm, depthMm }: Fitting | Piece, wallId: string | null): WorkTarget {
  const extent = { widthMm, heightMm, depthMm };
  return {
    name,
    wallId,
    areaMm2: boxArea(extent),
    faces: [extent],
    extent,
    mass: null,
    count: 1,
    isOwned: true,
    isUsed: true,
  };
}

/** Kinds of which one side counts: cloth, and what hangs flat. */
const FLAT_KINDS: ReadonlySet<Item['kind']> = new Set([
  ...CLOTH_KINDS,
  'art',
  'mirror',
  'frame',
  'wallPanel',
]);

/** A cloth's dry weight: as it was weighed, or by its area and weave. */
function dryMass(item: Item, rules: RuleBook): { g: Gram; isGuessed: boolean } {
  if (item.massG > 0) return { g: item.massG, isGuessed: false };
  const { gsm, guessedBy } = clothWeight(item, rules);
  return { g: ((item.widthMm * item.heightMm) / MM2_PER_M2) * gsm, isGuessed: guessedBy !== null };
}
const MM2_PER_M2 = 1e6;

function thing(item: Item, { usedOf, wallOf, rules }: TargetFacts): WorkTarget {
  const { name, widthMm, heightMm } = item;
  const isFlat = FLAT_KINDS.has(item.kind);
  const extent = { widthMm, heightMm, depthMm: isFlat ? item.depthMm : depthOf(item) };
  const count = Math.max(1, usedOf.get(item.id) ?? 0);
  const dry = dryMass(item, rules);
  return {
    name,
    wallId: wallOf.get(item.id) ?? null,
    areaMm2: count * (isFlat ? widthMm * heightMm : boxArea(extent)),
    faces: Array.from({ length: count }, () => extent),
    extent,
    mass: { ...dry, g: dry.g * count },
    count,
    isOwned: item.count > 0,
    isUsed: usedOf.has(item.id),
  };
}
