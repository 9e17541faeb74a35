'use client';
import { useTranslations } from 'next-intl';
import { useId, useRef, type ReactNode } from 'react';
import { hexOfLab } from '../../../core/colour/spaces';
import { formatBareLength, formatBareSize } from '../../../core/base/length';
import type { Box, Point } from '../../../core/geometry/plane';
import type { Item } from '../../../core/model/types';
import type { ClothMarks, Cutting } from '../../../core/textiles/clothCuts';
import { Cloth } from '../../../ui/drawing/cloth';
import { SvgWords } from '../../../ui/Words';
import { useStashRoom } from '../StashContext';

const SHEET = { width: 760, height: 560, edge: 30 };
/** About how wide a figure of a size is, and what its plate takes besides, in units of the drawing. */
const FIGURE = 6.4;
const ROUND_NUMBER = 22;
/** From the corner of a piece to the middle of its number. */
const CORNER = 14;

type Props = {
  item: Item;
  marks: ClothMarks;
  cutting: Cutting | null;
  /** Pressed on the cloth, while motifs are marked on it. */
  onMark?: (at: Point) => void;
};

/** A cloth at scale, its upper end on top, with what is marked on it, the pieces by number and the leftovers by letter. */
export function ClothDrawing({ item, marks, cutting, onMark }: Props): ReactNode {
  const t = useTranslations('cutting');
  const { unit } = useStashRoom();
  const id = useId();
  const svg = useRef<SVGSVGElement>(null);
  const { widthMm, heightMm: lengthMm } = item;
  const inside = { width: SHEET.width - 2 * SHEET.edge, height: SHEET.height - 2 * SHEET.edge };
  const perMm = Math.min(inside.width / widthMm, inside.height / lengthMm);
  const [width, height] = [widthMm * perMm, lengthMm * perMm];
  const left = SHEET.edge;
  const [wide, high] = [width + 2 * SHEET.edge, height + 2 * SHEET.edge];
  const at = (box: Box) => ({
    x: left + box.xMm * perMm,
    y: SHEET.edge + box.yMm * perMm,
    width: box.widthMm * perMm,
    height: box.heightMm * perMm,
  });
  const press = (clientX: number, clientY: number) => {
    const frame = svg.current?.getBoundingClientRect();
    if (!frame || !onMark) return;
    const perUnit = wide / frame.width;
    const xMm = ((clientX - frame.left) * perUnit - left) / perMm;
    const yMm = ((clientY - frame.top) * perUnit - SHEET.edge) / perMm;
    if (xMm >= 0 && yMm >= 0 && xMm <= widthMm && yMm <= lengthMm) onMark({ xMm, yMm });
  };
  return (
    <figure className="m-0 bg-well">
      <svg
        ref={svg}
        viewBox={`0 0 ${wide} ${high}`}
        style={{ maxWidth: wide }}
        className={`mx-auto block w-full ${onMark ? 'cursor-crosshair' : ''}`}
        role="img"
        aria-label={t('drawing', { name: item.name })}
        onClick={(e) => press(e.clientX, e.clientY)}
      >
        <defs>
          <Cloth
            id={`${id}c`}
            kind={item.pattern.kind}
            repeat={item.pattern.repeatMm * perMm}
            colours={item.colours.map((c) => ({ hex: hexOfLab(c), share: c.share }))}
            centre={centreOf(marks, { left, perMm })}
          />
          <pattern id={`${id}h`} patternUnits="userSpaceOnUse" width="7" height="7">
            <path d="M0 7L7 0" stroke="#141414" strokeOpacity="0.35" strokeWidth="1" />
          </pattern>
        </defs>
        <rect x={left} y={SHEET.edge} width={width} height={height} fill={`url(#${id}c)`} stroke="#141414" />
        {cutting?.leftovers.map((l) => (
          <rect
            key={l.name}
            {...at(l)}
            fill={`url(#${id}h)`}
            stroke="#141414"
            strokeWidth="0.6"
            strokeDasharray="4 3"
          />
        ))}
        {cutting?.cuts.map((cut) => (
          <rect
            key={cut.id}
            {...at(cut)}
            fill="#ffffff"
            fillOpacity="0.34"
            stroke="#141414"
            strokeWidth="1.4"
          />
        ))}
        <Marked marks={marks} at={at} lengthMm={lengthMm} widthMm={widthMm} />
        {[...(cutting?.leftovers ?? []), ...(cutting?.cuts ?? [])].map((piece) => (
          <Label
            key={'name' in piece ? piece.name : piece.id}
            box={at(piece)}
            name={'name' in piece ? piece.name : String(piece.number)}
            size={formatBareSize(piece.widthMm, piece.heightMm, unit)}
            isQuiet={'name' in piece}
          />
        ))}
        <text x={left + width / 2} y={SHEET.edge - 10} textAnchor="middle" fontSize="14">
          <SvgWords>{formatBareLength(widthMm, unit)}</SvgWords>
        </text>
        <text x={left - 8} y={SHEET.edge + height / 2} textAnchor="end" fontSize="14">
          <SvgWords>{formatBareLength(lengthMm, unit)}</SvgWords>
        </text>
      </svg>
      <figcaption className="sr-only">
        <ul>
          {cutting?.cuts.map((cut) => (
            <li key={cut.id}>
              {t('pieceSaid', {
                n: cut.number,
                part: cut.part,
                size: formatBareSize(cut.widthMm, cut.heightMm, unit),
                across: formatBareLength(cut.xMm, unit),
                along: formatBareLength(cut.yMm, unit),
              })}
            </li>
          ))}
        </ul>
      </figcaption>
    </figure>
  );
}

/** A repeat's middle lies where the first motif was marked. */
function centreOf(
  { motifs }: ClothMarks,
  { left, perMm }: { left: number; perMm: number },
): { x: number; y: number } {
  const [first] = motifs;
  return { x: left + (first?.xMm ?? 0) * perMm, y: SHEET.edge + (first?.yMm ?? 0) * perMm };
}

type Placed = { x: number; y: number; width: number; height: number };

/** A number or a letter in the corner of its piece, with its size where there is room for it. */
function Label({
  box,
  name,
  size,
  isQuiet,
}: {
  box: Placed;
  name: string;
  size: string;
  isQuiet: boolean;
}): ReactNode {
  const [x, y] = [box.x + CORNER, box.y + CORNER];
  const wide = ROUND_NUMBER + size.length * FIGURE;
  const hasRoom = box.width >= wide + 2 * (CORNER - ROUND_NUMBER / 2);
  return (
    <g pointerEvents="none">
      {hasRoom && (
        <rect
          x={x}
          y={y - 9}
          width={wide - ROUND_NUMBER / 2}
          height="18"
          rx="9"
          fill="#f5f5f5"
          stroke="#141414"
          strokeWidth="0.6"
        />
      )}
      <circle cx={x} cy={y} r="10.5" fill={isQuiet ? '#f5f5f5' : '#141414'} stroke="#141414" />
      <text
        x={x}
        y={y + 4.5}
        textAnchor="middle"
        fontSize="13"
        fontWeight="600"
        fill={isQuiet ? '#141414' : '#ffffff'}
      >
        {name}
      </text>
      {hasRoom && (
        <text x={x + wide / 2} y={y + 4.5} textAnchor="middle" fontSize="12.5">
          <SvgWords>{size}</SvgWords>
        </text>
      )}
    </g>
  );
}

/** Motifs, borders and places that can't be used. */
function Marked({
  marks,
  at,
  widthMm,
  lengthMm,
}: {
  marks: ClothMarks;
  at: (box: Box) => Placed;
  widthMm: number;
  lengthMm: number;
}): ReactNode {
  const borders = [
    { key: 'left', xMm: 0, widthMm: marks.leftBorderMm },
    { key: 'right', xMm: widthMm - marks.rightBorderMm, widthMm: marks.rightBorderMm },
  ].filter((b) => b.widthMm > 0);
  return (
    <g pointerEvents="none">
      {borders.map(({ key, ...b }) => (
        <rect
          key={key}
          {...at({ ...b, yMm: 0, heightMm: lengthMm })}
          fill="none"
          stroke="#141414"
          strokeWidth="1"
          strokeDasharray="2 2"
        />
      ))}
      {marks.flaws.map((flaw, i) => {
        const f = at(flaw);
        return (
          <g key={i} stroke="#141414" strokeWidth="1.2">
            <rect {...f} fill="#f5f5f5" fillOpacity="0.8" />
            <path d={`M${f.x} ${f.y}l${f.width} ${f.height}m0 ${-f.height}l${-f.width} ${f.height}`} />
          </g>
        );
      })}
      {marks.motifs.map(({ xMm, yMm }, i) => {
        const { x, y } = at({ xMm, yMm, widthMm: 0, heightMm: 0 });
        return (
          <g key={i}>
            <circle cx={x} cy={y} r="6" fill="#f5f5f5" stroke="#141414" strokeWidth="1.4" />
            <path d={`M${x - 9} ${y}h18M${x} ${y - 9}v18`} stroke="#141414" strokeWidth="1.2" />
          </g>
        );
      })}
    </g>
  );
}
