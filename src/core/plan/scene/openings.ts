import type { Opening, Swatch } from '../../model/types';
import { isGlazed } from '../../room/kinds';
import type { Form, Shape } from '../../room/shape';
import type { RuleBook } from '../../rules/book';
import { leafGlass } from '../../stages/windows/leaf';
import { box, shape } from './shapes';

const UNGLAZED_FORMS: Record<string, Form> = { door: 'door', arch: 'pane' };

/** An opening in its trim: leaves and glass where it is glazed. */
export function openingShapes(o: Opening, trim: readonly Swatch[], rules: RuleBook): Shape[] {
  const subject = { about: o.id, name: o.name };
  const aboveFloor = o.sillMm > 0;
  const belowMm = aboveFloor ? Math.min(o.trimMm, o.sillMm) : 0;
  const frame = shape(
    subject,
    isGlazed(o) ? 'frame' : (UNGLAZED_FORMS[o.kind] ?? 'pane'),
    box(
      o.xMm - o.trimMm,
      Math.max(0, o.sillMm - (aboveFloor ? o.trimMm : 0)),
      o.widthMm + 2 * o.trimMm,
      o.heightMm + o.trimMm + belowMm,
    ),
    0,
    { colours: o.kind === 'arch' ? [] : trim, fixed: true },
  );
  if (!isGlazed(o)) return [frame];
  if (o.kind === 'frenchDoor') return [frame, ...leafShapes(o, trim, rules)];
  const glass = box(o.xMm, o.sillMm, o.widthMm, o.heightMm);
  return [frame, shape(subject, 'pane', glass, 1, { fixed: true, part: 'glass' })];
}

function leafShapes(o: Opening, trim: readonly Swatch[], rules: RuleBook): Shape[] {
  const subject = { about: o.id, name: o.name };
  const glass = leafGlass(o, rules);
  const each = o.widthMm / glass.length;
  return glass.flatMap((pane, i) => [
    shape(subject, 'door', box(o.xMm + i * each, o.sillMm, each, o.heightMm), 0.5, {
      colours: trim,
      fixed: true,
      part: `leaf${i}`,
    }),
    shape(subject, 'pane', pane, 1, { fixed: true, part: `leaf${i}glass` }),
  ]);
}
