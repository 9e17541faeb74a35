/** The pages that a template at full size takes. */
import type { Mm } from '../base/units';

/** A4 is 210 × 297 mm (ISO 216), Letter 8½ × 11 in. */
export const PAPER_MM = { a4: [210, 297], letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAPER_MM;

/** What printers leave white, and room for a line of words below. */
export const TEMPLATE_EDGE: Mm = 9;
export const TEMPLATE_FOOT: Mm = 13;
/** More pages than these nobody lays together: strips do the same on a few. */
export const MOST_TEMPLATE_PAGES = 150;

export type TemplateGrid = {
  /** The paper as it is turned, and the part of it that the template is drawn in. */
  paper: { widthMm: Mm; heightMm: Mm };
  page: { widthMm: Mm; heightMm: Mm };
  columns: number;
  rows: number;
};

/** How many pages of a size cover a length, each lying over the next by so much. */
export const pagesAlong = (wholeMm: Mm, pageMm: Mm, overlapMm: Mm): number =>
  Math.max(1, Math.ceil((wholeMm - overlapMm) / Math.max(1, pageMm - overlapMm) - 1e-9));

/** The pages of a template, upright or across, whichever takes fewer. */
export function templateGrid(
  { widthMm, heightMm }: { widthMm: Mm; heightMm: Mm },
  paper: Paper,
  overlapMm: Mm,
): TemplateGrid {
  const [short, long] = PAPER_MM[paper];
  const turned = (paperWidth: Mm, paperHeight: Mm): TemplateGrid => {
    const page = {
      widthMm: paperWidth - 2 * TEMPLATE_EDGE,
      heightMm: paperHeight - 2 * TEMPLATE_EDGE - TEMPLATE_FOOT,
    };
    return {
      paper: { widthMm: paperWidth, heightMm: paperHeight },
      page,
      columns: pagesAlong(widthMm, page.widthMm, overlapMm),
      rows: pagesAlong(heightMm, page.heightMm, overlapMm),
    };
  };
  const [upright, across] = [turned(short, long), turned(long, short)];
  return across.columns * across.rows < upright.columns * upright.rows ? across : upright;
}
