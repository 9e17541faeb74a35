/** Rooms with fittings of a kind and with things that hang, and what is said of them. */
import { FITTING } from '../../src/core/model/defaults';
import type { Finding } from '../../src/core/model/finding';
import type { Fitting, Hanging, Item, RoomFile } from '../../src/core/model/types';
import { planLook, type Plan } from '../../src/core/plan/planLook';
import { bareRoom, hanging, inches } from './rooms';

export const fitting = (kind: Fitting['kind'], more: Partial<Fitting>): Fitting => ({
  ...FITTING,
  id: kind,
  name: `The ${kind}`,
  kind,
  wallId: 'n',
  rises: 'right',
  xMm: 0,
  widthMm: inches(20),
  bottomMm: 0,
  heightMm: inches(20),
  depthMm: inches(5),
  mantel: null,
  colours: [{ l: 90, a: 0, b: 2, share: 1 }],
  ...more,
});
export const hung = (items: Item[], hangings: Partial<Hanging>[], more: Partial<RoomFile> = {}): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(96));
  const look = base.looks[0]!;
  return {
    ...base,
    items,
    ...more,
    looks: [{ ...look, hangings: hangings.map((h, i) => hanging({ id: `h${i}`, itemId: `f${i}`, ...h })) }],
  };
};
export const plan = (file: RoomFile): Plan => planLook(file, { lookId: 'look' });
export const findings = (file: RoomFile, about: string): Finding[] =>
  plan(file).findings.filter((f) => f.about.includes(about));
export const codes = (file: RoomFile, about: string): string[] => findings(file, about).map((f) => f.code);
