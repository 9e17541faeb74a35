'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { inches } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import { DRESSING, OPENING } from '../../core/model/defaults';
import type { Opening, RoomFile } from '../../core/model/types';
import { wallsOf } from '../../core/room/walls';
import { LengthField, TAKEN, type Answer } from '../../ui/Field';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { newRoomFile } from '../shell/newRoomFile';
import { QuickFrame } from '../shell/QuickFrame';
import { LocalRoomProvider } from '../shell/room/LocalRoomProvider';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { useMeasureWords } from '../shell/useWords';
import { useWindowActs } from './useWindowActs';
import { WindowDimensions } from './WindowDimensions';
import { WindowSheet } from './WindowSheet';

const WINDOW = 'quick-window';

function beginCurtain(names: { room: string; home: string; window: string }): RoomFile {
  const [w, d] = [inches(120), inches(144)];
  const file = newRoomFile({
    name: names.room,
    home: names.home,
    unit: 'in',
    ceilingMm: inches(96),
    lookName: names.room,
    corners: [
      { xMm: 0, yMm: 0 },
      { xMm: w, yMm: 0 },
      { xMm: w, yMm: d },
      { xMm: 0, yMm: d },
    ],
  });
  const opening: Opening = {
    ...OPENING,
    id: WINDOW,
    name: names.window,
    kind: 'window',
    wallId: file.room.walls[0]!.id,
    xMm: inches(40),
    widthMm: inches(40),
    sillMm: inches(30),
    heightMm: inches(50),
    trimMm: inches(3),
    dropsMm: null,
  };
  const dressing = { ...DRESSING, id: 'quick-dressing', openingId: WINDOW };
  return { ...file, openings: [opening], looks: [{ ...file.looks[0]!, dressings: [dressing] }] };
}

/** A curtain for a window, from a handful of readings. */
export function QuickCurtain(): ReactNode {
  const t = useTranslations('quick');
  const names = { room: t('newRoom'), home: t('newRoom'), window: t('window') };
  return (
    <LocalRoomProvider storageKey="curtain" begin={() => beginCurtain(names)}>
      <Curtain />
    </LocalRoomProvider>
  );
}

function Curtain(): ReactNode {
  const t = useTranslations();
  const { file, look, plan, change } = useRoom();
  const commit = useCommit();
  const words = useMeasureWords(file.room.unit);
  const unit = file.room.unit;
  const opening = file.openings.find((o) => o.id === WINDOW) ?? file.openings[0]!;
  const dressing = look.dressings.find((d) => d.openingId === opening.id);
  const windowPlan = plan.windows.find((w) => w.openingId === opening.id);
  const acts = useWindowActs(opening, dressing, windowPlan);
  const wall = wallsOf(file.room)[0]!;
  const set = (patch: Partial<Opening>): Answer =>
    commit({ do: 'putOpening', opening: { ...opening, ...patch } }, opening.id);
  const positive = (mm: number, take: () => Answer): Answer =>
    mm > 0
      ? take()
      : {
          took: false,
          message: words({
            code: 'not-positive' as 'sill-above-head',
            level: 'refuse',
            path: [],
            about: '',
            field: '',
            cameMm: mm,
            expectedMm: 1000,
          }),
        };
  const setWall = (mm: number): Answer =>
    positive(mm, () => {
      // the window stays in the middle of its wall
      const walls = file.room.walls.map((w, i) => (i === 1 || i === 2 ? { ...w, xMm: mm } : w));
      const changes: Change[] = [
        { do: 'putOpening', opening: { ...opening, xMm: (mm - opening.widthMm) / 2 } },
        { do: 'setRoom', room: { ...file.room, walls } },
      ];
      if (mm < opening.widthMm)
        return {
          took: false,
          message: words({
            code: 'wider-than-wall',
            level: 'refuse',
            path: [],
            about: '',
            field: '',
            cameMm: opening.widthMm,
            expectedMm: mm,
          }),
        };
      change(changes);
      return TAKEN;
    });
  const drop = (side: 'left' | 'middle' | 'right') => (
    <LengthField
      key={side}
      label={t(DROPS[side])}
      draftKey={`quick-c-${side}`}
      valueMm={opening.dropsMm?.[side] ?? null}
      unit={unit}
      onCommit={(mm) =>
        positive(mm, () =>
          set({ dropsMm: { ...(opening.dropsMm ?? { left: mm, middle: mm, right: mm }), [side]: mm } }),
        )
      }
      onClear={() => {
        set({ dropsMm: null });
      }}
    />
  );
  const elevation = plan.elevations[0]!;
  return (
    <QuickFrame
      title={t('quick.curtain')}
      stage="windows"
      readings={
        <>
          <div className="grid grid-cols-2 gap-x-5 gap-y-2.5 sm:grid-cols-3 xl:grid-cols-6">
            <LengthField
              label={t('measure.frameWidth')}
              draftKey="quick-c-width"
              valueMm={opening.widthMm}
              unit={unit}
              onCommit={(mm) => positive(mm, () => set({ widthMm: mm, xMm: (wall.lengthMm - mm) / 2 }))}
            />
            <LengthField
              label={t('measure.height')}
              draftKey="quick-c-height"
              valueMm={opening.heightMm}
              unit={unit}
              onCommit={(mm) => positive(mm, () => set({ heightMm: mm }))}
            />
            <LengthField
              label={t('measure.sill')}
              draftKey="quick-c-sill"
              valueMm={opening.sillMm}
              unit={unit}
              onCommit={(sillMm) => set({ sillMm })}
            />
            <LengthField
              label={t('measure.ceiling')}
              draftKey="quick-c-ceiling"
              valueMm={file.room.ceilingMm}
              unit={unit}
              onCommit={(mm) =>
                positive(mm, () => commit({ do: 'setRoom', room: { ...file.room, ceilingMm: mm } }, 'room'))
              }
            />
            <LengthField
              label={t('quick.wallWidth')}
              draftKey="quick-c-wall"
              valueMm={wall.lengthMm}
              unit={unit}
              onCommit={setWall}
            />
            <LengthField
              label={t('measure.trim')}
              draftKey="quick-c-trim"
              valueMm={opening.trimMm}
              unit={unit}
              onCommit={(trimMm) => set({ trimMm })}
            />
          </div>
          <p className="mb-1 mt-3 font-narrow text-[13px] font-semibold text-soft">
            {t('measure.drops')}
            {opening.dropsMm ? '' : ` (${t('measure.dropsMissing')})`}
          </p>
          <div className="grid max-w-[420px] grid-cols-3 gap-x-5">
            {drop('left')}
            {drop('middle')}
            {drop('right')}
          </div>
        </>
      }
      drawing={
        <WallDrawing elevation={elevation} title={t('quick.curtain')} width={760} height={500}>
          {(scale) =>
            windowPlan && (
              <WindowDimensions
                plan={windowPlan}
                opening={opening}
                scale={scale}
                unit={unit}
                ceilingMm={file.room.ceilingMm}
                edits={acts}
              />
            )
          }
        </WallDrawing>
      }
      answer={
        dressing && windowPlan ? (
          <WindowSheet opening={opening} dressing={dressing} plan={windowPlan} local />
        ) : (
          <button type="button" onClick={acts.dress} className="underline">
            {t('windows.dress')}
          </button>
        )
      }
    />
  );
}

const DROPS = { left: 'measure.dropLeft', middle: 'measure.dropMiddle', right: 'measure.dropRight' } as const;
