/**
 * The light template: strips of paper instead of a whole sheet. Each frame has a strip along its top, one along its
 * bottom, one down its middle through centre and nails, and one between two nails that are off the middle; between
 * frames of a group there is a strip as long as the gap. Lengths in mm.
 */
import type { Mm } from '../base/units';
import { gapsRound } from '../stages/walls/snap';
import type { Template, TemplateFrame } from './templates';

export type StripMark = {
  atMm: Mm;
  kind: 'corner' | 'edge' | 'centre' | 'nail';
  /** On the wall: from its left end, above the floor. */
  wallXMm: Mm;
  wallHeightMm: Mm;
};
export type Strip = {
  kind: 'top' | 'bottom' | 'middle' | 'nails' | 'between';
  name: string;
  /** The frame on the other side of a gap. */
  other: string;
  /** A strip lies across the wall, from left to right, or runs up it, from the bottom. */
  along: 'across' | 'up';
  lengthMm: Mm;
  marks: StripMark[];
};
/** A part of a strip on a page, cut where the page ends. */
export type StripPiece = { strip: Strip; fromMm: Mm; toMm: Mm; part: number; parts: number };

/** Nails nearer to the frame's middle than this are on its own strip. */
const ON_THE_MIDDLE: Mm = 1;
/** Frames farther apart than this are set out on their own. */
const GAP_STRIP_MOST: Mm = 500;

/** The strips of a template, frame by frame, then the gaps. */
export const stripsOf = (template: Template): Strip[] => [
  ...template.frames.flatMap((frame) => stripsOfFrame(frame, template)),
  ...gapStrips(template),
];

function stripsOfFrame(frame: TemplateFrame, template: Template): Strip[] {
  const { xMm, yMm, widthMm, heightMm, centre, name } = frame;
  const onWall = (x: Mm, y: Mm) => ({
    wallXMm: x + template.wallXMm,
    wallHeightMm: y + template.wallBottomMm,
  });
  const edge = (kind: 'top' | 'bottom', y: Mm): Strip => ({
    kind,
    name,
    other: '',
    along: 'across',
    lengthMm: widthMm,
    marks: [
      { atMm: 0, kind: 'corner', ...onWall(xMm, y) },
      { atMm: widthMm / 2, kind: 'edge', ...onWall(centre.xMm, y) },
      { atMm: widthMm, kind: 'corner', ...onWall(xMm + widthMm, y) },
    ],
  });
  const isOnMiddle = (nail: TemplateFrame['nails'][number]) =>
    Math.abs(nail.xMm - centre.xMm) <= ON_THE_MIDDLE;
  const nailMark = (nail: TemplateFrame['nails'][number], atMm: Mm): StripMark => ({
    atMm,
    kind: 'nail',
    wallXMm: nail.wallXMm,
    wallHeightMm: nail.wallHeightMm,
  });
  const middle: Strip = {
    kind: 'middle',
    name,
    other: '',
    along: 'up',
    lengthMm: heightMm,
    marks: [
      { atMm: 0, kind: 'edge', ...onWall(centre.xMm, yMm) },
      { atMm: centre.yMm - yMm, kind: 'centre', ...onWall(centre.xMm, centre.yMm) },
      ...frame.nails.filter(isOnMiddle).map((nail) => nailMark(nail, nail.yMm - yMm)),
      { atMm: heightMm, kind: 'edge', ...onWall(centre.xMm, yMm + heightMm) },
    ],
  };
  const beside = frame.nails.filter((nail) => !isOnMiddle(nail));
  return [edge('top', yMm + heightMm), middle, ...nailStrip(frame, beside, nailMark), edge('bottom', yMm)];
}

/** From one nail to the other, crossing the middle strip at their height. */
function nailStrip(
  frame: TemplateFrame,
  nails: TemplateFrame['nails'],
  nailMark: (nail: TemplateFrame['nails'][number], atMm: Mm) => StripMark,
): Strip[] {
  const [one] = nails;
  if (!one) return [];
  const { name, centre } = frame;
  const leftMm = Math.min(...nails.map((nail) => nail.xMm));
  const rightMm = Math.max(...nails.map((nail) => nail.xMm));
  const crossing: StripMark = {
    atMm: centre.xMm - leftMm,
    kind: 'edge',
    wallXMm: one.wallXMm + centre.xMm - one.xMm,
    wallHeightMm: one.wallHeightMm,
  };
  return [
    {
      kind: 'nails',
      name,
      other: '',
      along: 'across',
      lengthMm: rightMm - leftMm,
      marks: [...nails.map((nail) => nailMark(nail, nail.xMm - leftMm)), crossing].sort(
        (a, b) => a.atMm - b.atMm,
      ),
    },
  ];
}

/** As long as the gap between two frames that face each other: to the right of one, or above it. */
function gapStrips({ frames, wallXMm, wallBottomMm }: Template): Strip[] {
  const boxes = frames.map((f, i) => ({
    id: String(i),
    name: f.name,
    xMm: f.centre.xMm,
    centreMm: f.centre.yMm,
    widthMm: f.widthMm,
    heightMm: f.heightMm,
  }));
  return boxes.flatMap((box) =>
    gapsRound(
      box,
      boxes.filter((other) => other !== box),
    )
      .filter(({ side, gapMm }) => (side === 'right' || side === 'up') && gapMm > 1 && gapMm < GAP_STRIP_MOST)
      .map(({ side, gapMm, other }): Strip => {
        const isAcross = side === 'right';
        const fromX = isAcross ? box.xMm + box.widthMm / 2 : (box.xMm + other.xMm) / 2;
        const fromY = isAcross ? (box.centreMm + other.centreMm) / 2 : box.centreMm + box.heightMm / 2;
        const mark = (atMm: Mm): StripMark => ({
          atMm,
          kind: 'edge',
          wallXMm: wallXMm + fromX + (isAcross ? atMm : 0),
          wallHeightMm: wallBottomMm + fromY + (isAcross ? 0 : atMm),
        });
        return {
          kind: 'between',
          name: box.name,
          other: other.name,
          along: isAcross ? 'across' : 'up',
          lengthMm: gapMm,
          marks: [mark(0), mark(gapMm)],
        };
      }),
  );
}

/** Paper left beyond each end of a strip. */
export const STRIP_END: Mm = 8;

/**
 * The strips cut into pieces no longer than a page, each overlapping the next, and laid on pages: so many to a page,
 * in their order. Every mark is on a piece.
 */
export function stripPages(
  strips: readonly Strip[],
  page: { lengthMm: Mm; strips: number },
  overlapMm: Mm,
): StripPiece[][] {
  const roomMm = page.lengthMm - 2 * STRIP_END;
  const stepMm = Math.max(1, roomMm - overlapMm);
  const pieces = strips.flatMap((strip) => {
    const parts = Math.max(1, Math.ceil((strip.lengthMm - overlapMm) / stepMm - 1e-9));
    return Array.from({ length: parts }, (_, i): StripPiece => ({
      strip,
      fromMm: i * stepMm,
      toMm: Math.min(strip.lengthMm, i * stepMm + roomMm),
      part: i + 1,
      parts,
    }));
  });
  const perPage = Math.max(1, page.strips);
  return Array.from({ length: Math.ceil(pieces.length / perPage) }, (_, i) =>
    pieces.slice(i * perPage, (i + 1) * perPage),
  );
}
