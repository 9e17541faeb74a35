import 'server-only';
import { first } from '../../core/base/list';
import { fail, type Result } from '../../core/base/result';
import { estimateReflectance } from '../../core/colour/light';
import { metamerOf } from '../../core/colour/metamer';
import { type ReaderRow } from '../../core/colour/reader';
import { loadItem } from '../../data/itemRepository';
import { putItems } from './stash';
import { type DoorIssue } from '../issues';
import { studioDatabase } from '../studio';

/**
 * What a colour reader gave for things that are named so, or for one thing; the colour is seen in person from
 * now on.
 */
export function takeReading(id: string, row: ReaderRow): Result<{ ids: string[] }, DoorIssue> {
  const item = loadItem(studioDatabase(), id);
  if (!item)
    return fail<DoorIssue>({ path: [], code: 'not-found', message: 'That thing is no longer there.' });
  const [first, ...others] = item.colours;
  return putItems([
    {
      ...item,
      colours: [{ ...first!, ...row.lab }, ...others],
      spectrum: row.spectrum,
      colourFrom: 'reader',
      seen: true,
    },
  ]);
}

/** Cloths of the demo whose dyes are of another make: they look the same by day and part by lamp. */
const OTHER_DYE = /velvet/i;
/**
 * A colour reader that stands in for a real one: it reads a thing's colour as a smooth spectrum, and a
 * velvet's as dyed otherwise.
 */
export function simulatedReading(id: string): ReaderRow | undefined {
  const item = loadItem(studioDatabase(), id);
  if (!item) return undefined;
  const lab = first(item.colours);
  const smooth = estimateReflectance(lab).slice(2, 33);
  return {
    name: item.name,
    lab: { l: lab.l, a: lab.a, b: lab.b },
    spectrum: (OTHER_DYE.test(item.name) ? metamerOf(smooth, 0.12) : smooth).map((v) =>
      Math.min(1.5, Math.max(0, Number(v.toFixed(5)))),
    ),
  };
}
