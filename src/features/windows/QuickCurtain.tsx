'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { inches } from '../../core/base/units';
import { DRESSING, OPENING } from '../../core/model/defaults';
import type { Opening, RoomFile } from '../../core/model/types';
import { wallsOf } from '../../core/room/walls';
import { LengthField, TAKEN, type Answer } from '../../ui/Field';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { QuickFrame } from '../shell/QuickFrame';
import { QuickLength } from '../shell/QuickLength';
import { quickRoom } from '../shell/quickRoom';
import { LocalRoomProvider } from '../shell/room/LocalRoomProvider';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { useRefusal } from '../shell/useRefusal';
import { useWindowActs } from './useWindowActs';
import { WindowDimensions } from './WindowDimensions';
import { WindowSheet } from './WindowSheet';

const WINDOW = 'quick-window';

function beginCurtain(names: { room: string; window: string }): RoomFile {
  const file = quickRoom(names.room, inches(120));
  const opening: Opening = {
    ...OPENING,
    id: WINDOW,
    name: names.window,
    kind: 'window',
    wallId: first(file.room.walls).id,
    xMm: inches(40),
    widthMm: inches(40),
    sillMm: inches(30),
    heightMm: inches(50),
    trimMm: inches(3),
    dropsMm: null,
  };
  const dressing = { ...DRESSING, id: 'quick-dressing', openingId: WINDOW };
  return { ...file, openings: [opening], looks: [{ ...first(file.looks), dressings: [dressing] }] };
}

/** A curtain for a window, from a handful of readings. */
export function QuickCurtain(): ReactNode {
  const t = useTranslations('quick');
  const names = { room: t('newRoom'), window: t('window') };
  return (
    <LocalRoomProvider storageKey="curtain" begin={() => beginCurtain(names)}>
      <Curtain />
    </LocalRoomProvider>
  );
}

function Curtain(): ReactNode {
  const t = useTranslations();
  const { file, look, plan } = useRoom();
  const opening = file.openings.find((o) => o.id === WINDOW) ?? first(file.openings);
  const dressing = look.dressings.find((d) => d.openingId === opening.id);
  const windowPlan = plan.windows.find((w) => w.openingId === opening.id);
  const acts = useWindowActs(opening, dressing, windowPlan);
  return (
    <QuickFrame
      title={t('quick.curtain')}
      stage="windows"
      readings={
        <>
          <FrameReadings opening={opening} />
          <DropReadings opening={opening} />
        </>
      }
      drawing={
        <WallDrawing elevation={first(plan.elevations)} title={t('quick.curtain')} width={760} height={500}>
          {(scale) =>
            windowPlan && (
              <WindowDimensions
                plan={windowPlan}
                opening={opening}
                scale={scale}
                unit={file.room.unit}
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

/** The frame, and the wall it is in. */
function FrameReadings({ opening }: { opening: Opening }): ReactNode {
  const t = useTranslations();
  const { file, change } = useRoom();
  const commit = useCommit();
  const { refuse } = useRefusal();
  const { room } = file;
  const wallMm = first(wallsOf(room)).lengthMm;
  const set = (patch: Partial<Opening>): Answer =>
    commit({ do: 'putOpening', opening: { ...opening, ...patch } }, opening.id);
  const setWall = (mm: number): Answer => {
    if (mm < opening.widthMm) return refuse('wider-than-wall', opening.widthMm, mm);
    // the window stays in the middle of its wall
    const walls = room.walls.map((w, i) => (i === 1 || i === 2 ? { ...w, xMm: mm } : w));
    change([
      { do: 'putOpening', opening: { ...opening, xMm: (mm - opening.widthMm) / 2 } },
      { do: 'setRoom', room: { ...room, walls } },
    ]);
    return TAKEN;
  };
  return (
    <div className="grid grid-cols-2 gap-x-5 gap-y-2.5 sm:grid-cols-3 xl:grid-cols-6">
      <QuickLength
        label={t('measure.frameWidth')}
        draftKey="quick-c-width"
        valueMm={opening.widthMm}
        onCommit={(mm) => set({ widthMm: mm, xMm: (wallMm - mm) / 2 })}
      />
      <QuickLength
        label={t('measure.height')}
        draftKey="quick-c-height"
        valueMm={opening.heightMm}
        onCommit={(heightMm) => set({ heightMm })}
      />
      <LengthField
        label={t('measure.sill')}
        draftKey="quick-c-sill"
        valueMm={opening.sillMm}
        unit={room.unit}
        onCommit={(sillMm) => set({ sillMm })}
      />
      <QuickLength
        label={t('measure.ceiling')}
        draftKey="quick-c-ceiling"
        valueMm={room.ceilingMm}
        onCommit={(ceilingMm) => commit({ do: 'setRoom', room: { ...room, ceilingMm } }, 'room')}
      />
      <QuickLength label={t('quick.wallWidth')} draftKey="quick-c-wall" valueMm={wallMm} onCommit={setWall} />
      <LengthField
        label={t('measure.trim')}
        draftKey="quick-c-trim"
        valueMm={opening.trimMm}
        unit={room.unit}
        onCommit={(trimMm) => set({ trimMm })}
      />
    </div>
  );
}

/** From the top of the frame to the floor, three times; left out while they are not measured. */
function DropReadings({ opening }: { opening: Opening }): ReactNode {
  const t = useTranslations();
  const commit = useCommit();
  const setDrops = (dropsMm: Opening['dropsMm']): Answer =>
    commit({ do: 'putOpening', opening: { ...opening, dropsMm } }, opening.id);
  return (
    <>
      <p className="mb-1 mt-3 font-narrow text-[13px] font-semibold text-soft">
        {t('measure.drops')}
        {opening.dropsMm ? '' : ` (${t('measure.dropsMissing')})`}
      </p>
      <div className="grid max-w-[420px] grid-cols-3 gap-x-5">
        {(['left', 'middle', 'right'] as const).map((side) => (
          <QuickLength
            key={side}
            label={t(DROPS[side])}
            draftKey={`quick-c-${side}`}
            valueMm={opening.dropsMm?.[side] ?? null}
            onCommit={(mm) =>
              setDrops({ ...(opening.dropsMm ?? { left: mm, middle: mm, right: mm }), [side]: mm })
            }
            onClear={() => setDrops(null)}
          />
        ))}
      </div>
    </>
  );
}

const DROPS = { left: 'measure.dropLeft', middle: 'measure.dropMiddle', right: 'measure.dropRight' } as const;
