/**
 * Templates at full size: what is drawn, from the lower left of the paper, mm; and how it is cut into pages.
 */
import { first } from '../base/list';
import type { Mm } from '../base/units';
import type { Look, RoomFile } from '../model/types';
import type { Plan } from './planLook';
import { pagesAlong } from './templatePages';
import type { HangingPlan } from '../stages/walls/planHanging';

export type TemplateFrame = {
  name: string;
  xMm: Mm;
  yMm: Mm;
  widthMm: Mm;
  heightMm: Mm;
  nails: { xMm: Mm; yMm: Mm; wallXMm: Mm; wallHeightMm: Mm }[];
  centre: { xMm: Mm; yMm: Mm };
};
export type Template = {
  name: string;
  wallId: string;
  widthMm: Mm;
  heightMm: Mm;
  /** The paper's lower left corner on the wall. */
  wallXMm: Mm;
  wallBottomMm: Mm;
  frames: TemplateFrame[];
};

/** Paper left round the frames. */
const BORDER: Mm = 12;

const frameOf = (h: HangingPlan, x0: Mm, y0: Mm): TemplateFrame => ({
  name: h.name,
  xMm: h.xMm - h.widthMm / 2 - x0,
  yMm: h.bottomMm - y0,
  widthMm: h.widthMm,
  heightMm: h.heightMm,
  centre: { xMm: h.xMm - x0, yMm: h.centreMm - y0 },
  nails: h.nails.map((n) => ({
    xMm: n.xMm - x0,
    yMm: n.heightMm - y0,
    wallXMm: n.xMm,
    wallHeightMm: n.heightMm,
  })),
});

/** The template of one piece or of a whole group; undefined when there is none of that name. */
export function templateOf(
  file: RoomFile,
  look: Look,
  plan: Plan,
  subject: { hangingId: string } | { groupId: string },
): Template | undefined {
  const pieces = plan.hangings.filter(
    (h) =>
      !h.leans &&
      ('hangingId' in subject ? h.hangingId === subject.hangingId : h.groupId === subject.groupId),
  );
  if (pieces.length === 0) return undefined;
  const name =
    'hangingId' in subject
      ? first(pieces).name
      : (look.groups.find((g) => g.id === subject.groupId)?.name ?? file.room.name);
  const [x0, y0] = [
    Math.min(...pieces.map((h) => h.xMm - h.widthMm / 2)) - BORDER,
    Math.min(...pieces.map((h) => h.bottomMm)) - BORDER,
  ];
  const [x1, y1] = [
    Math.max(...pieces.map((h) => h.xMm + h.widthMm / 2)) + BORDER,
    Math.max(...pieces.map((h) => h.topMm)) + BORDER,
  ];
  return {
    name,
    wallId: first(pieces).wallId,
    widthMm: x1 - x0,
    heightMm: y1 - y0,
    wallXMm: x0,
    wallBottomMm: y0,
    frames: pieces.map((h) => frameOf(h, x0, y0)),
  };
}

export type Tile = {
  column: number;
  row: number;
  /** Lower left corner of what the page shows. */ xMm: Mm;
  yMm: Mm;
};

/**
 * Pages that cover a template, each overlapping the next by so much, from the top left as one reads. The last
 * ones of a row and a column may be part empty. Nothing of the template is on no page: columns × (page −
 * overlap) + overlap ≥ width. Where the pages leave some to spare, they are shifted so that the given points
 * (nails) lie as far inside a page as can be.
 */
export function tilesOf(
  widthMm: Mm,
  heightMm: Mm,
  page: { widthMm: Mm; heightMm: Mm },
  overlapMm: Mm,
  points: readonly { xMm: Mm; yMm: Mm }[] = [],
): { columns: number; rows: number; tiles: Tile[] } {
  const columns = pagesAlong(widthMm, page.widthMm, overlapMm);
  const rows = pagesAlong(heightMm, page.heightMm, overlapMm);
  /** The part of the spare length that goes before the first page. */
  const shift = (count_: number, each: Mm, whole: Mm, positions: readonly Mm[]): Mm => {
    const step = each - overlapMm;
    const spare = count_ * step + overlapMm - whole;
    // how far inside its best page the point is that comes nearest to an edge
    const worst = (s: Mm) =>
      Math.min(
        Infinity,
        ...positions.map((p) =>
          Math.max(
            ...Array.from({ length: count_ }, (_, i) => Math.min(p + s - i * step, i * step + each - p - s)),
          ),
        ),
      );
    return Array.from({ length: 17 }, (_, k) => (spare * k) / 16).reduce(
      (best, s) => (worst(s) > worst(best) + 1e-6 ? s : best),
      0,
    );
  };
  const dx = shift(
    columns,
    page.widthMm,
    widthMm,
    points.map((p) => p.xMm),
  );
  const dy = shift(
    rows,
    page.heightMm,
    heightMm,
    points.map((p) => heightMm - p.yMm),
  );
  const tiles = Array.from({ length: rows }, (_, row) =>
    Array.from({ length: columns }, (_x, column): Tile => ({
      column,
      row,
      xMm: column * (page.widthMm - overlapMm) - dx,
      yMm: heightMm - page.heightMm - row * (page.heightMm - overlapMm) + dy,
    })),
  ).flat();
  return { columns, rows, tiles };
}
