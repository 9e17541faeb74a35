'use client';
import { useTranslations } from 'next-intl';
import { useId, type ReactNode } from 'react';
import type { Mm } from '../../core/base/units';
import { matAt, type LyingMat } from '../../core/room/tableMats';
import type { LaidLinen, TablePlan } from '../../core/stages/surfaces/planTable';
import { Cloth } from '../../ui/drawing/cloth';
import { fitScale, type Scale } from '../../ui/drawing/scale';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';

const SIZE = { width: 330, height: 190 };
const PAD = 14;
const INK = '#141414';

/** A piece's top from above as a table, at scale: how far cloths hang down, and what lies at each place. Its front is below. */
export function TableFromAbove({ table, of }: { table: TablePlan; of: string }): ReactNode {
  const t = useTranslations('surfaces');
  const { rules, picked, pick, arranged } = useRoom();
  const paint = usePaint();
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const { top, laid } = table;
  const hang = (of: 'endMm' | 'frontMm'): Mm => Math.max(0, ...laid.map((linen) => fallOf(linen)[of]));
  const [endMm, frontMm] = [hang('endMm'), hang('frontMm')];
  const whole = { widthMm: top.widthMm + 2 * endMm, heightMm: top.depthMm + 2 * frontMm };
  const scale = fitScale(whole, SIZE, PAD);
  const ground = arranged.pieces.find((p) => p.id === of)?.colours[0];
  const inside = { scale, leftMm: endMm, frontMm };
  return (
    <svg
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      className="mb-3 block w-full bg-well"
      role="img"
      aria-label={t('above')}
    >
      <Flat
        {...inside}
        rect={{ xMm: 0, yMm: 0, widthMm: top.widthMm, heightMm: top.depthMm }}
        fill={ground ? paint(ground) : '#fff'}
        round={top.round}
      />
      {laid.map((linen, n) => (
        <g
          key={linen.placementId}
          onClick={() => pick(linen.placementId)}
          className="cursor-pointer"
          strokeWidth={linen.placementId === picked ? 2 : 0.8}
        >
          <defs>
            <Cloth
              id={`${id}${n}`}
              kind={linen.item.pattern.kind}
              repeat={linen.item.pattern.repeatMm * scale.perMm}
              colours={linen.item.colours.map((c) => ({ hex: paint(c), share: c.share }))}
            />
          </defs>
          {linen.places.map((place, i) => (
            <AtPlace
              key={i}
              {...inside}
              table={table}
              mat={matAt(place, linen.item, top, rules.number('surfaces.matIn'))}
              fill={`url(#${id}${n})`}
            />
          ))}
          {linen.places.length === 0 && (
            <Flat
              {...inside}
              rect={rectOf(linen, table)}
              fill={`url(#${id}${n})`}
              round={linen.falls !== null && linen.item.round}
            />
          )}
        </g>
      ))}
      <Edge {...inside} table={table} />
    </svg>
  );
}

const fallOf = ({ falls, runner, thing }: LaidLinen): { endMm: Mm; frontMm: Mm } => {
  if (falls) return falls;
  const overMm = runner?.overhangMm ?? 0;
  return thing.placement.lie === 'acrossTable'
    ? { endMm: 0, frontMm: overMm }
    : { endMm: overMm, frontMm: 0 };
};

/** From the table's left end and from its front edge. */
type Rect = { xMm: Mm; yMm: Mm; widthMm: Mm; heightMm: Mm };

function rectOf(linen: LaidLinen, { top }: TablePlan): Rect {
  const { endMm, frontMm } = fallOf(linen);
  const { runner, thing } = linen;
  if (runner && thing.placement.lie === 'acrossTable')
    return {
      xMm: thing.placement.xMm - runner.bandMm / 2,
      yMm: -frontMm,
      widthMm: runner.bandMm,
      heightMm: top.depthMm + 2 * frontMm,
    };
  const heightMm = runner ? runner.bandMm : top.depthMm + 2 * frontMm;
  return { xMm: -endMm, yMm: (top.depthMm - heightMm) / 2, widthMm: top.widthMm + 2 * endMm, heightMm };
}

type Inside = { scale: Scale; leftMm: Mm; frontMm: Mm };

function Flat({
  scale,
  leftMm,
  frontMm,
  rect,
  fill,
  round = false,
}: Inside & { rect: Rect; fill: string; round?: boolean }): ReactNode {
  const [width, height] = [rect.widthMm * scale.perMm, rect.heightMm * scale.perMm];
  return (
    <rect
      x={scale.x(leftMm + rect.xMm)}
      y={scale.y(frontMm + rect.yMm + rect.heightMm)}
      width={Math.max(0, width)}
      height={Math.max(0, height)}
      {...(round ? { rx: width / 2, ry: height / 2 } : {})}
      fill={fill}
      stroke={INK}
    />
  );
}

/** A mat or a napkin at its place. */
function AtPlace({
  scale,
  leftMm,
  frontMm,
  table: { top },
  mat,
  fill,
}: Inside & { table: TablePlan; mat: LyingMat; fill: string }): ReactNode {
  const [width, height] = [mat.wideMm * scale.perMm, mat.deepMm * scale.perMm];
  const [x, y] = [scale.x(leftMm + mat.middle.xMm), scale.y(frontMm + top.depthMm - mat.middle.yMm)];
  return (
    <rect
      transform={`translate(${x} ${y}) rotate(${mat.looksDeg})`}
      x={-width / 2}
      y={-height / 2}
      width={width}
      height={height}
      {...(mat.round ? { rx: width / 2, ry: height / 2 } : {})}
      fill={fill}
      stroke={INK}
    />
  );
}

/** The table's edge over what hangs down from it. */
function Edge({ scale, leftMm, frontMm, table: { top } }: Inside & { table: TablePlan }): ReactNode {
  const [width, height] = [top.widthMm * scale.perMm, top.depthMm * scale.perMm];
  return (
    <rect
      x={scale.x(leftMm)}
      y={scale.y(frontMm + top.depthMm)}
      width={width}
      height={height}
      {...(top.round ? { rx: width / 2, ry: height / 2 } : {})}
      fill="none"
      stroke={INK}
      strokeWidth="1.4"
      strokeDasharray="5 3"
      pointerEvents="none"
    />
  );
}
