/**
 * What is worked out for thirty rooms, against what was worked out for them before. The rooms were drawn once
 * and are kept as they are; a line that changes is a number or a finding that someone sees. Look at each
 * before taking the new record over with `npx vitest run tests/record -u`.
 */
import { describe, expect, it } from 'vitest';
import type { Item, Look, RoomFile } from '../../src/core/model/types';
import { solveGallery } from '../../src/core/packing/gallery';
import { galleryAskOf } from '../../src/core/plan/galleryAsk';
import { planLook, type Plan } from '../../src/core/plan/planLook';
import { solveRoom } from '../../src/core/plan/solveRoom';
import { templateOf, tilesOf } from '../../src/core/plan/templates';
import { ruleBook } from '../../src/core/rules/book';
import { composed } from '../../src/core/stages/seats/compose/composeSeats';
import { linesOf } from './lines';
import { ROOMS } from './recorded';

const NOW = '2026-01-02T12:00:00.000Z';
const SHOPS = [{ name: 'Stock panels', stock: 6, price: 3900, leadDays: 5 }];

/** The drawings are long: a line for each wall. */
const planLines = ({ memories: _m, ...plan }: Plan): string[] =>
  Object.entries(plan).flatMap(([part, value]) => linesOf(part, value));

/** What is offered beside the plan: other ways to dress the windows, pillows for each seat, layouts of groups. */
function offerLines(file: RoomFile, look: Look, plan: Plan): string[] {
  const rules = ruleBook(file.rules, file.room.unit);
  const covers = file.items.filter((i) => i.kind === 'cover').map((i: Item) => ({ ...i, free: i.count }));
  const roomColours = plan.spread.families.flatMap((f) => f.shades);
  return [
    ...linesOf(
      'together',
      solveRoom(
        file,
        look.id,
        'all',
        { owned: file.items.filter((i) => i.kind === 'panel'), shops: SHOPS },
        8,
      ),
    ),
    ...file.pieces.flatMap(({ seat, ...piece }) =>
      seat
        ? linesOf(
            `pillows ${piece.name}`,
            composed(
              {
                seats: [{ piece: { ...piece, seat }, locked: [], beside: [] }],
                school: null,
                covers: covers.map((c) => ({ ...c, isForSale: false })),
                throws: [],
                items: new Map(file.items.map((i) => [i.id, i])),
                insertsTaken: [],
                roomColours,
                wantedColours: [],
                wantedRoles: [],
                flags: file.home.flags,
                purpose: look.brief.purpose,
                cushionsOut: look.cushionsOut,
                seed: 7,
              },
              rules,
            ).slice(0, 2),
          )
        : [],
    ),
    ...look.groups.flatMap((group) => {
      const groupPlan = plan.groups.find((g) => g.groupId === group.id);
      if (!groupPlan) return [];
      const { ask, middle } = galleryAskOf(group, groupPlan, { file, look, plan, rules });
      return [
        ...linesOf('asked', { ask, middle }),
        ...linesOf('layout', solveGallery({ ...ask, rounds: 3 }, 2)),
      ];
    }),
    ...look.hangings.flatMap(({ id }) => {
      const template = templateOf(file, look, plan, { hangingId: id });
      if (!template) return [];
      const nails = template.frames.flatMap((f) => f.nails);
      return linesOf(`template ${id}`, {
        ...template,
        tiles: tilesOf(template.widthMm, template.heightMm, { widthMm: 200, heightMm: 280 }, 15, nails),
      });
    }),
  ];
}

describe('the record', () => {
  it.each(ROOMS)('of room %s', async (number, file) => {
    const [look] = file.looks;
    if (!look) throw new Error('every room has a look');
    const plan = planLook(file, { lookId: look.id, now: NOW });
    const lines = [...planLines(plan), ...offerLines(file, look, plan)];
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot(`./plans/${number}.txt`);
  });
});
