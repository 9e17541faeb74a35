'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { PillowPlan } from '../../core/stages/seats/pillows';
import { formatSize, plainUnit } from '../../core/base/length';
import { inches } from '../../core/base/units';
import { newItem, PIECE, PLACEMENT } from '../../core/model/defaults';
import type { Item, Placement, RoomFile } from '../../core/model/types';
import { RadioGroup } from '../../ui/RadioGroup';
import { TAKEN, type Answer } from '../../ui/Field';
import { fitScale } from '../../ui/drawing/scale';
import { pillowPath } from '../../ui/drawing/cloth';
import { Dimension } from '../../ui/drawing/Dimension';
import { Findings } from '../shell/Findings';
import { QuickFrame } from '../shell/QuickFrame';
import { QuickLength } from '../shell/QuickLength';
import { quickRoom } from '../shell/quickRoom';
import { LocalRoomProvider } from '../shell/room/LocalRoomProvider';
import { useLongestSide } from '../shell/useLongestSide';
import { useRoom } from '../shell/room/RoomContext';
import { Numeral, SheetTitle } from '../shell/Workspace';

const SOFA = 'quick-sofa';

function beginInsert(names: { room: string; cover: string; sofa: string }): RoomFile {
  const widthMm = inches(150);
  const file = quickRoom(names.room, widthMm);
  const item: Item = newItem({
    id: `quick-${file.room.id}`,
    name: names.cover,
    kind: 'cover',
    widthMm: inches(20),
    heightMm: inches(20),
    colours: [{ l: 70, a: -4, b: 8, share: 1 }],
    texture: 'linen',
    clothGsm: 220,
  });
  const placement: Placement = {
    id: 'quick-pillow',
    itemId: item.id,
    ...PLACEMENT,
    spot: { of: SOFA, part: 'seat' },
    lie: 'propped',
    xMm: inches(12),
    fill: 'feather',
  };
  return {
    ...file,
    items: [item],
    looks: [{ ...first(file.looks), placements: [placement] }],
    pieces: [
      {
        ...PIECE,
        id: SOFA,
        name: names.sofa,
        kind: 'sofa',
        xMm: widthMm / 2,
        yMm: inches(20),
        turnDeg: 0,
        widthMm: inches(84),
        depthMm: inches(36),
        heightMm: inches(34),
        bottomMm: 0,
        seat: {
          widthMm: inches(70),
          heightMm: inches(18),
          depthMm: inches(22),
          seats: 3,
          wantedSitters: 0,
          armHeightMm: 0,
          looseCushions: 0,
        },
        colours: [{ l: 66, a: 3, b: 16, share: 1 }],
        pattern: { kind: 'solid', repeatMm: 0 },
      },
    ],
  };
}

/** An insert for a cover, from two readings. */
export function QuickInsert(): ReactNode {
  const t = useTranslations('quick');
  const names = { room: t('newRoom'), cover: t('cover'), sofa: t('sofa') };
  return (
    <LocalRoomProvider storageKey="insert" begin={() => beginInsert(names)}>
      <Insert />
    </LocalRoomProvider>
  );
}

function Insert(): ReactNode {
  const t = useTranslations();
  const { file, look, plan, change } = useRoom();
  const unit = file.room.unit;
  const side = useLongestSide('cover', unit);
  const placement = look.placements[0];
  const item = file.items.find((i) => i.id === placement?.itemId);
  const pillow = plan.seats[0]?.pillows[0];
  if (!placement || !item || !pillow) return null;
  const setItem = (patch: Partial<Item>): Answer => {
    change([{ do: 'putItem', item: { ...item, ...patch } }]);
    return TAKEN;
  };
  const size = (s: { widthMm: number; heightMm: number }) => formatSize(s.widthMm, s.heightMm, unit);
  const { insert, wanted, nearest, plumpness, rule } = pillow.insert;
  return (
    <QuickFrame
      title={t('quick.insert')}
      stage="seats"
      readings={
        <div className="grid grid-cols-2 items-end gap-x-5 gap-y-3 sm:grid-cols-[1fr_1fr_1.6fr]">
          <QuickLength
            label={t('quick.coverWidth')}
            draftKey="quick-i-w"
            valueMm={item.widthMm}
            onCommit={(mm) => side(mm, () => setItem({ widthMm: mm }))}
          />
          <QuickLength
            label={t('quick.coverHeight')}
            draftKey="quick-i-h"
            valueMm={item.heightMm}
            onCommit={(mm) => side(mm, () => setItem({ heightMm: mm }))}
          />
          <div className="col-span-2 sm:col-span-1">
            <p className="mb-1 font-narrow text-[13px] text-soft">{t('seats.fill')}</p>
            <RadioGroup
              label={t('seats.fill')}
              value={pillow.fill}
              onChange={(fill) =>
                change([{ do: 'putPlacement', lookId: look.id, placement: { ...placement, fill } }])
              }
              options={(['feather', 'polyester', 'foam'] as const).map((f) => ({
                value: f,
                label: t(`seats.${f}`),
              }))}
            />
          </div>
        </div>
      }
      drawing={<InsertDrawing item={item} pillow={pillow} />}
      answer={
        <>
          <SheetTitle detail={size(item)}>{t('quick.insertAnswer')}</SheetTitle>
          <div className="space-y-2.5">
            <Numeral
              label={t('quick.insertAnswer')}
              rule={rule}
              note={
                insert
                  ? t('quick.wanted', { size: size(wanted) })
                  : t('quick.nearest', { size: size(nearest) })
              }
            >
              {insert ? size(laidLike(item, insert)) : t('seats.noInsert')}
            </Numeral>
            <Numeral label={t('quick.plumpness')} rule={rule}>
              {t('seats.plump', { percent: `${Math.round(plumpness * 100)}%` })}
            </Numeral>
            <Numeral label={t('quick.useSize')} rule="seats.useWidth">
              {size({ widthMm: pillow.useWidthMm, heightMm: pillow.useHeightMm })}
            </Numeral>
          </div>
          <Findings
            findings={plan.findings.filter(
              (f) => f.about.includes(placement.id) && f.code !== 'inserts-to-buy',
            )}
            title={t('seats.checks')}
          />
        </>
      }
    />
  );
}

type Size = { widthMm: number; heightMm: number };
/** An insert the way round that its cover lies. */
const laidLike = (cover: Size, { widthMm, heightMm }: Size): Size =>
  cover.widthMm >= cover.heightMm ? { widthMm: heightMm, heightMm: widthMm } : { widthMm, heightMm };

/** The cover lying flat, the insert beside it, and the pillow that they make. */
function InsertDrawing({ item, pillow }: { item: Item; pillow: PillowPlan }): ReactNode {
  const t = useTranslations();
  const { unit } = useRoom().file.room;
  const { insert, wanted } = pillow.insert;
  const big = Math.max(item.widthMm, item.heightMm, insert?.heightMm ?? wanted.heightMm) * 1.5;
  const scale = fitScale(
    { widthMm: big * 1.5, heightMm: big },
    { width: 760, height: 420 },
    { left: 10, right: 10, top: 20, bottom: 40 },
  );
  const middle = (big * 1.5) / 2;
  const { widthMm: insW, heightMm: insH } = laidLike(item, insert ?? wanted);
  const rect = (w: number, h: number, bottom: number) => ({
    x: scale.x(middle - w / 2),
    y: scale.y(bottom + h),
    width: w * scale.perMm,
    height: h * scale.perMm,
  });
  const lift = Math.max(0, (insH - item.heightMm) / 2) + big * 0.1;
  const flat = rect(item.widthMm, item.heightMm, lift);
  const filled = rect(pillow.useWidthMm, pillow.useHeightMm, lift + (item.heightMm - pillow.useHeightMm) / 2);
  const ins = rect(insW, insH, lift - (insH - item.heightMm) / 2);
  return (
    <svg viewBox="0 0 760 420" className="block w-full" role="img" aria-label={t('quick.insert')}>
      <rect {...ins} fill="none" stroke="#141414" strokeWidth="1" strokeDasharray="5 4" />
      <rect {...flat} fill="#ededed" stroke="#8a8a8a" strokeWidth="0.8" />
      <path
        d={pillowPath(filled.x, filled.y, filled.width, filled.height)}
        fill="#c4c4c0"
        stroke="#141414"
        strokeWidth="1"
      />
      <Dimension
        x1={flat.x}
        x2={flat.x + flat.width}
        y1={flat.y + flat.height + (ins.y + ins.height - flat.y - flat.height) + 16}
        y2={flat.y + flat.height + (ins.y + ins.height - flat.y - flat.height) + 16}
        valueMm={item.widthMm}
        unit={plainUnit(unit)}
        name={t('quick.coverWidth')}
      />
      <Dimension
        x1={ins.x}
        x2={ins.x + ins.width}
        y1={ins.y - 14}
        y2={ins.y - 14}
        valueMm={insW}
        unit={plainUnit(unit)}
        name={t('quick.insertAnswer')}
      />
      <Dimension
        x1={filled.x}
        x2={filled.x + filled.width}
        y1={filled.y + filled.height / 2}
        y2={filled.y + filled.height / 2}
        valueMm={pillow.useWidthMm}
        unit={plainUnit(unit)}
        name={t('quick.useSize')}
      />
      <text x={ins.x + ins.width + 12} y={ins.y + 12} fontSize="13">
        {t('quick.insertAnswer')}
      </text>
      <text x={ins.x + ins.width + 12} y={flat.y + flat.height - 4} fontSize="13">
        {t('quick.cover')}
      </text>
      <text x={ins.x + ins.width + 12} y={filled.y + filled.height / 2 + 4} fontSize="13">
        {t('quick.useSize')}
      </text>
    </svg>
  );
}
