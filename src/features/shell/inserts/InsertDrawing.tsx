'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { plainUnit } from '../../../core/base/length';
import type { LengthUnit, Mm } from '../../../core/base/units';
import type { FlatCover } from '../../../core/room/pillow';
import { laidLike, type InsertChoice, type Size } from '../../../core/textiles/insert';
import { pillowPath } from '../../../ui/drawing/cloth';
import { Dimension, numbersOnPhone } from '../../../ui/drawing/Dimension';
import { fitScale } from '../../../ui/drawing/scale';

const [WIDTH, HEIGHT] = [760, 330];
/** Room for the words beside the drawing, in units of it. */
const BESIDE = 96;

/** The cover lying flat, the insert behind it, the pillow that they make from the front and from the side. */
export function InsertDrawing({
  cover,
  choice,
  filled,
  thickMm,
  unit,
}: {
  cover: FlatCover;
  choice: InsertChoice;
  filled: Size;
  thickMm: Mm;
  unit: LengthUnit;
}): ReactNode {
  const t = useTranslations();
  const round = cover.round ?? false;
  const insert = laidLike(cover, choice.insert ?? choice.wanted);
  const wideMm = Math.max(cover.widthMm, insert.widthMm);
  const highMm = Math.max(cover.heightMm, insert.heightMm);
  const gapMm = wideMm * 0.28;
  const scale = fitScale(
    { widthMm: wideMm + gapMm + thickMm, heightMm: highMm },
    { width: WIDTH - BESIDE, height: HEIGHT },
    { left: 10, right: 10, top: 26, bottom: 40 },
  );
  const at = (size: Size, middleMm: Mm) => ({
    x: scale.x(middleMm - size.widthMm / 2),
    y: scale.y((highMm + size.heightMm) / 2),
    width: size.widthMm * scale.perMm,
    height: size.heightMm * scale.perMm,
  });
  const [ins, flat, full] = [insert, cover, filled].map((size) => at(size, wideMm / 2));
  if (!ins || !flat || !full) return null;
  const side = at({ widthMm: thickMm, heightMm: filled.heightMm }, wideMm + gapMm + thickMm / 2);
  const under = flat.y + Math.max(flat.height, ins.y + ins.height - flat.y) + 16;
  const names = [
    { key: 'insert', y: ins.y + 12, words: t('quick.insertAnswer') },
    { key: 'flat', y: flat.y + flat.height - 4, words: t('quick.cover') },
    { key: 'full', y: full.y + full.height / 2 + 4, words: t('quick.useSize') },
  ];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block w-full"
      style={numbersOnPhone(WIDTH)}
      role="img"
      aria-label={t('quick.insert')}
    >
      <Outline box={ins} round={round} fill="none" stroke="#141414" strokeDasharray="5 4" />
      <Outline box={flat} round={round} fill="#ededed" stroke="#8a8a8a" />
      <path
        d={pillowPath(full.x, full.y, full.width, full.height, { round })}
        fill="#c4c4c0"
        stroke="#141414"
        strokeWidth="1"
      />
      <path d={lens(side)} fill="#c4c4c0" stroke="#141414" strokeWidth="1" />
      <Dimension
        {...across(flat, under)}
        valueMm={cover.widthMm}
        unit={plainUnit(unit)}
        name={t('quick.coverWidth')}
      />
      <Dimension
        {...across(ins, ins.y - 14)}
        valueMm={insert.widthMm}
        unit={plainUnit(unit)}
        name={t('quick.insertAnswer')}
      />
      <Dimension
        {...across(full, full.y + full.height / 2)}
        valueMm={filled.widthMm}
        unit={plainUnit(unit)}
        name={t('quick.useSize')}
      />
      <Dimension
        {...across(side, under)}
        valueMm={thickMm}
        unit={plainUnit(unit)}
        name={t('inserts.thick')}
      />
      {names.map(({ key, y, words }) => (
        <text key={key} x={ins.x + ins.width + 10} y={y} fontSize="13">
          {words}
        </text>
      ))}
    </svg>
  );
}

type Box = { x: number; y: number; width: number; height: number };
const across = (box: Box, y: number) => ({ x1: box.x, x2: box.x + box.width, y1: y, y2: y });

/** A filled pillow from the side: its edges are seams. */
const lens = ({ x, y, width, height }: Box): string => {
  const middle = x + width / 2;
  return `M${middle} ${y}Q${x - width * 0.5} ${y + height / 2} ${middle} ${y + height}Q${x + width * 1.5} ${y + height / 2} ${middle} ${y}Z`;
};

function Outline({
  box: { x, y, width, height },
  round,
  ...more
}: {
  box: Box;
  round: boolean;
  fill: string;
  stroke: string;
  strokeDasharray?: string;
}): ReactNode {
  return round ? (
    <ellipse cx={x + width / 2} cy={y + height / 2} rx={width / 2} ry={height / 2} {...more} />
  ) : (
    <rect x={x} y={y} width={width} height={height} {...more} />
  );
}
