import type { Mm } from '../../base/units';
import type { Fitting } from '../../model/types';
import type { PlacedThing } from '../../room/placed';
import type { Form, Shape } from '../../room/shape';
import type { Wall } from '../../room/walls';
import { placedShape } from './placed';
import { box, secondColour, shape } from './shapes';

const FITTING_FORMS: Partial<Record<Fitting['kind'], Form>> = {
  radiator: 'radiator',
  stove: 'fire',
  heater: 'fire',
  fireplace: 'fire',
  stairs: 'stairs',
  socket: 'socket',
  switch: 'socket',
};
const MANTEL_THICKNESS: Mm = 60;

/** A fitting of the wall, its mantel, and what stands on them. */
export const fittingShapes = (f: Fitting, wall: Wall, placed: readonly PlacedThing[]): Shape[] => [
  ...builtShapes(f),
  ...placed.map((thing) => placedShape(thing, wall, (f.mantel?.depthMm ?? f.depthMm) / 2)),
];

function builtShapes(f: Fitting): Shape[] {
  const subject = { about: f.id, name: f.name };
  const body = shape(
    subject,
    FITTING_FORMS[f.kind] ?? 'box',
    box(f.xMm, f.bottomMm, f.widthMm, f.heightMm),
    f.depthMm / 2,
    {
      colours: f.colours,
      wholeColours: f.colours,
      fixed: true,
      ...(f.kind === 'stairs' ? { rises: f.rises } : {}),
    },
  );
  if (!f.mantel) return [body];
  const { widthMm, depthMm, topMm } = f.mantel;
  const left = f.xMm + f.widthMm / 2 - widthMm / 2;
  const thick = Math.min(MANTEL_THICKNESS, topMm / 4);
  const mantel = shape(subject, 'box', box(left, topMm - thick, widthMm, thick), depthMm / 2 + 1, {
    colours: secondColour(f.colours),
    wholeColours: f.colours,
    fixed: true,
    part: 'mantel',
  });
  return [body, mantel];
}
