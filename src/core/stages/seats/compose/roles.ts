import type { Item } from '../../../model/types';
import type { ComposeAsk, Role } from './ask';
import type { CoverFacts } from './coverFacts';
import type { SetPillow, SeatFrame } from './setOut';

/** Textures that stand out on a seat. */
const ODD_TEXTURES: ReadonlySet<Item['texture']> = new Set(['embroidered', 'fur']);

/** A cover that is the odd one out: with a motif, embroidered, of fur, or round. */
export const isNovelty = ({
  pattern,
  texture,
  round,
}: Pick<Item, 'pattern' | 'texture' | 'round'>): boolean =>
  pattern.kind === 'motif' || ODD_TEXTURES.has(texture) || round;

/** How near to the middle of its seat a pillow has to be to be in the middle of it. */
const IN_THE_MIDDLE = 0.15;

type Seated = { pillows: readonly SetPillow[]; seat: SeatFrame['seat'] };
/** Whether one of the pillows is so; the odd one fills no other role. */
const has = (pillows: readonly SetPillow[], is: (cover: CoverFacts) => boolean) =>
  pillows.some((p) => !isNovelty(p.cover.item) && is(p.cover));

/** Whether a seat has a cover in a role (common practice): a single novelty, in the middle; a stripe of a small repeat. */
const FILLS: Record<Role, (seated: Seated) => boolean> = {
  large: ({ pillows }) => has(pillows, (c) => c.pattern === 'bold'),
  stripe: ({ pillows }) => has(pillows, (c) => c.pattern === 'small' && c.item.pattern.kind === 'stripe'),
  plain: ({ pillows }) => has(pillows, (c) => c.pattern === 'plain'),
  novelty: ({ pillows, seat: { piece } }) => {
    const odd = pillows.filter((p) => isNovelty(p.cover.item));
    const width = piece.seat.widthMm;
    return odd.length === 1 && odd.every((p) => Math.abs(p.xMm - width / 2) <= width * IN_THE_MIDDLE);
  },
};

/** The wanted roles that a seat fills. A seat for one has room for one cover, and is not asked for any. */
export const rolesFilled = (
  pillows: readonly SetPillow[],
  seat: SeatFrame['seat'],
  { wantedRoles }: Pick<ComposeAsk, 'wantedRoles'>,
): Role[] =>
  seat.piece.seat.seats === 1 ? [] : wantedRoles.filter((role) => FILLS[role]({ pillows, seat }));
