import 'server-only';
import type { WorkedOn } from '../../core/model/types';
import type { FittingStep, Mark } from '../../core/plan/fittingStep';
import { FORMULA } from '../../core/stash/table/formula';
import Papa from 'papaparse';
import { sheetParts } from '../../core/plan/sheetParts';
import { makeSheet, rowWords, type SheetAsk } from './rows';

/** The wall of a mark or of a step; none of work on the whole room. */
function wallIdOf({ work, wallId }: FittingStep, mark: Mark | null): string {
  if (work && ALL_ROUND.has(work.on)) return '';
  return mark?.wallId ?? wallId;
}
const ALL_ROUND: ReadonlySet<WorkedOn> = new Set<WorkedOn>(['walls', 'trim', 'floor']);

/**
 * The fitting sheet as CSV (RFC 4180): a row a mark, then a row a thing to buy, lengths in mm and in words.
 */
export function sheetCsv(ask: SheetAsk): { name: string; text: string } | undefined {
  const sheet = makeSheet(ask);
  if (!sheet) return undefined;
  const { look, plan, words } = sheet;
  const rows = rowWords(sheet);
  const steps = sheetParts(plan.sheet.steps, look).flatMap((part) => part.steps);
  const marks = steps.flatMap(({ step: s, number }) =>
    (s.marks.length > 0 && s.kind !== 'curtain' ? s.marks : [null]).map((m) => ({
      part: 'fit',
      order: number,
      wall: words.wallOf(wallIdOf(s, m)),
      what: rows.title(s),
      mark: m ? rows.mark(m) : [rows.note(s), ...rows.panels(s)].join('; '),
      from_left: m ? words.length(m.xMm) : '',
      from_floor: m ? words.length(m.heightMm) : '',
      from_line: m ? rows.line(m) : '',
      from_ceiling: m?.fromCeilingMm === undefined ? '' : words.length(m.fromCeilingMm),
      from_left_mm: m ? m.xMm.toFixed(1) : '',
      from_floor_mm: m ? m.heightMm.toFixed(1) : '',
      from_ceiling_mm: m?.fromCeilingMm === undefined ? '' : m.fromCeilingMm.toFixed(1),
      note: m ? rows.note(s) : '',
      count: m ? 1 : s.count,
      size: '',
      cost: '',
      currency: '',
    })),
  );
  const buys = plan.sheet.buy.map((b, i) => ({
    part: 'buy',
    order: i + 1,
    wall: '',
    what: rows.buy(b),
    mark: '',
    from_left: '',
    from_floor: '',
    from_line: '',
    from_ceiling: '',
    from_left_mm: '',
    from_floor_mm: '',
    from_ceiling_mm: '',
    note: '',
    count: b.count,
    size: rows.size(b),
    cost: b.cost === null ? '' : (b.cost / 100).toFixed(2),
    currency: b.cost === null ? '' : words.currency,
  }));
  const plain = (v: string | number) => (typeof v === 'string' ? v.replaceAll('\u2044', '/') : v);
  const data = [...marks, ...buys].map((r) =>
    Object.fromEntries(Object.entries(r).map(([k, v]) => [k, plain(v)])),
  );
  // a cell that a spreadsheet would run as a formula is written as text
  return {
    name: `${sheet.file.room.name}, ${sheet.look.name}.csv`,
    text: `\ufeff${Papa.unparse(data, { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`,
  };
}
