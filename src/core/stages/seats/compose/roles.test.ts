import { describe, expect, it } from 'vitest';
import { asked, itemsOn, sofa, square } from '../../../../../tests/helpers/compose';
import { inches, inchRules } from '../../../../../tests/helpers/rooms';
import type { Item } from '../../../model/types';
import { ROLES, type Composition, type Reason, type Role, type School } from './ask';
import { composed } from './composeSeats';

const rules = inchRules();

describe('roles on a seat', () => {
  it('the roles that are wanted are filled where something can, and the rest is said', () => {
    const pattern = (kind: Item['pattern']['kind'], repeatIn: number) => ({
      pattern: { kind, repeatMm: inches(repeatIn) },
    });
    const covers = [
      square('linen', 20, 4),
      square('floral', 20, 4, pattern('floral', 14)),
      square('ticking', 18, 4, pattern('stripe', 1.5)),
      square('check', 18, 4, pattern('check', 1.5)),
      square('canvas', 18, 4),
      square('gull', 14, 1, pattern('motif', 6)),
    ];
    const best = (wantedRoles: Role[], from = covers, school: School = 'layered') =>
      composed(asked(from, { school, wantedRoles }), rules)[0]!;
    const filled = (c: Composition) => c.reasons.find((r) => r.code === 'roles');
    const all = best([...ROLES]);
    // three groups of covers have room for three roles
    const { filled: three, open } = filled(all) as Extract<Reason, { code: 'roles' }>;
    expect([...three, ...open].sort()).toEqual([...ROLES].sort());
    expect([three.length, three.includes('novelty')]).toEqual([3, true]);
    expect(itemsOn(best(['stripe']))).toContain('ticking');
    expect(itemsOn(best(['large', 'plain']))).toEqual(expect.arrayContaining(['floral', 'canvas']));
    const odd = best(['novelty']);
    const [piece] = odd.seats[0]!.placed.filter((p) => p.itemId === 'gull');
    expect(piece!.xMm).toBeCloseTo(sofa.seat.widthMm / 2, 6);
    // two of a motif are no single odd piece, and a check is no stripe
    const without = covers.filter((c) => c.id !== 'gull' && c.id !== 'ticking');
    expect(filled(best(['stripe', 'novelty'], without, 'spare'))).toMatchObject({ filled: [] });
    expect(filled(best([]))).toBeUndefined();
  });
});
