'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatSize } from '../../core/base/length';
import { inches } from '../../core/base/units';
import { newItem, PIECE, PLACEMENT } from '../../core/model/defaults';
import type { Item, Placement, RoomFile } from '../../core/model/types';
import { fillSchoolOf, laidLike, type Size } from '../../core/textiles/insert';
import { Checkbox } from '../../ui/Checkbox';
import { TAKEN, type Answer } from '../../ui/Field';
import { Findings } from '../shell/Findings';
import { FillChoices } from '../shell/inserts/FillChoices';
import { InsertDrawing } from '../shell/inserts/InsertDrawing';
import { InsertWays } from '../shell/inserts/InsertWays';
import { QuickFrame } from '../shell/QuickFrame';
import { QuickLength } from '../shell/QuickLength';
import { quickRoom } from '../shell/quickRoom';
import { LocalRoomProvider } from '../shell/room/LocalRoomProvider';
import { useLongestSide } from '../shell/useLongestSide';
import { useRoom } from '../shell/room/RoomContext';
import { Numeral, SheetTitle } from '../shell/Workspace';

const SOFA = 'quick-sofa';
const NONE_OWNED: readonly Item[] = [];
/** What a quick answer has no list for, and what is said of the sofa that it only takes so that a pillow stands somewhere. */
const UNSAID: ReadonlySet<string> = new Set([
  'inserts-to-buy',
  'casings-to-buy',
  'back-too-tall',
  'pillow-off-the-seat',
]);

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
  const { file, look, plan, rules, change } = useRoom();
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
  const likeCover = (of: Size) => size(laidLike(item, of));
  const { insert, wanted, nearest, plumpness, rule } = pillow.insert;
  const school = fillSchoolOf(rules);
  return (
    <QuickFrame
      title={t('quick.insert')}
      stage="seats"
      readings={
        <div className="grid grid-cols-2 items-end gap-x-5 gap-y-3 sm:grid-cols-4">
          <QuickLength
            label={item.round ? t('inserts.across') : t('quick.coverWidth')}
            draftKey="quick-i-w"
            isPlain
            valueMm={item.widthMm}
            onCommit={(mm) =>
              side(mm, () => setItem({ widthMm: mm, ...(item.round ? { heightMm: mm } : {}) }))
            }
          />
          {!item.round && (
            <QuickLength
              label={t('quick.coverHeight')}
              draftKey="quick-i-h"
              isPlain
              valueMm={item.heightMm}
              onCommit={(mm) => side(mm, () => setItem({ heightMm: mm }))}
            />
          )}
          <Checkbox
            checked={item.round}
            onChange={(round) => setItem({ round, ...(round ? { heightMm: item.widthMm } : {}) })}
          >
            {t('stash.flags.round')}
          </Checkbox>
          <FillChoices
            fill={pillow.fill}
            school={school}
            onFill={(fill) =>
              change([{ do: 'putPlacement', lookId: look.id, placement: { ...placement, fill } }])
            }
            onSchool={(next) =>
              change([{ do: 'setRule', rule: { ruleId: 'seats.fillSchool', school: next } }])
            }
          />
        </div>
      }
      drawing={
        <InsertDrawing
          cover={item}
          choice={pillow.insert}
          filled={{ widthMm: pillow.useWidthMm, heightMm: pillow.useHeightMm }}
          thickMm={pillow.thicknessMm}
          unit={unit}
        />
      }
      answer={
        <>
          <SheetTitle detail={size(item)}>{t('quick.insertAnswer')}</SheetTitle>
          <div className="space-y-2.5">
            <Numeral
              label={t('quick.insertAnswer')}
              rule={rule}
              note={
                insert
                  ? t('quick.wanted', { size: likeCover(wanted) })
                  : t('inserts.wouldDo', { nearest: likeCover(nearest), made: likeCover(wanted) })
              }
            >
              {insert ? likeCover(insert) : t('seats.noInsert')}
            </Numeral>
            {insert && (
              <Numeral label={t('quick.plumpness')} rule={rule}>
                {t('seats.plump', { percent: `${Math.round(plumpness * 100)}%` })}
              </Numeral>
            )}
            <Numeral label={t('quick.useSize')} rule="seats.useWidth">
              {size({ widthMm: pillow.useWidthMm, heightMm: pillow.useHeightMm })}
            </Numeral>
          </div>
          <div className="mt-4">
            <InsertWays
              cover={item}
              chosen={{ fill: pillow.fill, school }}
              owned={NONE_OWNED}
              rules={rules}
              unit={unit}
            />
          </div>
          <Findings
            findings={plan.findings.filter((f) => f.about.includes(placement.id) && !UNSAID.has(f.code))}
            title={t('seats.checks')}
          />
        </>
      }
    />
  );
}
