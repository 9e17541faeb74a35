import type { Mm } from '../../base/units';
import type { Box } from '../../geometry/plane';
import type { Swatch } from '../../model/types';
import { PLAIN, type Form, type Shape } from '../../room/shape';

export const box = (xMm: Mm, yMm: Mm, widthMm: Mm, heightMm: Mm): Box => ({ xMm, yMm, widthMm, heightMm });

const onlyOf = (swatch: Swatch | undefined): Swatch[] => (swatch ? [{ ...swatch, share: 1 }] : []);
/** A thing's first colour, as the whole colour of a part. */
export const firstColour = (colours: readonly Swatch[]): Swatch[] => onlyOf(colours[0]);
/** A thing's second colour, or its first where it has no other. */
export const secondColour = (colours: readonly Swatch[]): Swatch[] => onlyOf(colours[1] ?? colours[0]);

/** What is not the same for nearly every shape; `part` tells the shapes of one thing apart. */
export type More = Partial<Omit<Shape, 'key' | 'about' | 'name' | 'form' | 'box' | 'depthMm'>> & {
  part?: string;
};

/** A shape of the thing that it belongs to, in its place on the wall. */
export function shape(
  subject: { about: string; name: string },
  form: Form,
  place: Box,
  depthMm: Mm,
  { part, ...more }: More = {},
): Shape {
  return {
    key: part ? `${subject.about}:${part}` : subject.about,
    about: subject.about,
    name: subject.name,
    form,
    box: place,
    depthMm,
    colours: [],
    pattern: PLAIN,
    soft: false,
    fixed: false,
    ...more,
  };
}
