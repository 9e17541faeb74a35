'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { inches } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import { HANGING, newItem, PIECE } from '../../core/model/defaults';
import type { Hanging, Item, Piece, RoomFile } from '../../core/model/types';
import { RadioGroup } from '../../ui/RadioGroup';
import { LengthField, NumberField, TAKEN, type Answer } from '../../ui/Field';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { newRoomFile } from '../shell/newRoomFile';
import { QuickFrame } from '../shell/QuickFrame';
import { LocalRoomProvider } from '../shell/room/LocalRoomProvider';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { useMeasureWords } from '../shell/useWords';
import { HangingSheet } from './HangingSheet';
import { HangingDimensions } from './HangingDimensions';

type Over = 'none' | 'sofa' | 'chest' | 'bed';
const UNDER = 'quick-piece';
const grey = [{ l: 62, a: 2, b: 9, share: 1 }];

/** Usual sizes of what a picture hangs over. */
const USUAL: Record<Exclude<Over, 'none'>, { widthMm: number; depthMm: number; heightMm: number }> = {
  sofa: { widthMm: inches(84), depthMm: inches(36), heightMm: inches(34) },
  chest: { widthMm: inches(48), depthMm: inches(18), heightMm: inches(32) },
  bed: { widthMm: inches(60), depthMm: inches(82), heightMm: inches(46) },
};

function pieceOf(
  over: Exclude<Over, 'none'>,
  name: string,
  topMm: number,
  widthMm: number,
  wallMm: number,
): Piece {
  const { depthMm } = USUAL[over];
  const seat =
    over === 'sofa'
      ? {
          widthMm: widthMm * 0.84,
          heightMm: Math.min(inches(18), topMm),
          depthMm: inches(22),
          seats: 3,
          wantedSitters: 0,
          armHeightMm: 0,
          looseCushions: 0,
        }
      : null;
  return {
    ...PIECE,
    id: UNDER,
    name,
    kind: over,
    xMm: wallMm / 2,
    yMm: depthMm / 2 + inches(1),
    turnDeg: 0,
    widthMm,
    depthMm,
    heightMm: topMm,
    bottomMm: 0,
    seat,
    colours: grey,
    pattern: { kind: 'solid', repeatMm: 0 },
  };
}

function beginPicture(names: { room: string; picture: string; sofa: string }): RoomFile {
  const [w, d] = [inches(150), inches(144)];
  const file = newRoomFile({
    name: names.room,
    home: names.room,
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
  const item: Item = newItem({
    id: `quick-${file.room.id}`,
    name: names.picture,
    kind: 'art',
    widthMm: inches(54),
    heightMm: inches(30),
    colours: [
      { l: 78, a: -3, b: -6, share: 0.7 },
      { l: 45, a: 0, b: 2, share: 0.3 },
    ],
    pattern: { kind: 'motif', repeatMm: 400 },
    texture: 'hard',
    massG: 5000,
    glazed: true,
    washable: false,
  });
  const hanging: Hanging = {
    ...HANGING,
    id: 'quick-hanging',
    itemId: item.id,
    wallId: file.room.walls[0]!.id,
    overPieceId: UNDER,
    hanger: {
      kind: 'wire',
      hooks: 2,
      ringDropMm: inches(6),
      ringsApartMm: inches(44),
      wireMm: inches(46),
      hooksApartMm: null,
    },
  };
  return {
    ...file,
    items: [item],
    pieces: [pieceOf('sofa', names.sofa, inches(34), inches(84), w)],
    looks: [{ ...file.looks[0]!, hangings: [hanging] }],
  };
}

/** A height for a picture, from a handful of readings. */
export function QuickPicture(): ReactNode {
  const t = useTranslations('quick');
  const names = { room: t('newRoom'), picture: t('picture1'), sofa: t('sofa') };
  return (
    <LocalRoomProvider storageKey="picture" begin={() => beginPicture(names)}>
      <Picture />
    </LocalRoomProvider>
  );
}

function Picture(): ReactNode {
  const t = useTranslations();
  const { file, look, plan, change } = useRoom();
  const commit = useCommit();
  const words = useMeasureWords(file.room.unit);
  const unit = file.room.unit;
  const hanging = look.hangings[0];
  const item = file.items.find((i) => i.id === hanging?.itemId);
  const hung = plan.hangings[0];
  const piece = file.pieces.find((p) => p.id === UNDER);
  const over: Over = piece ? (piece.kind as Over) : 'none';
  const wallMm = plan.walls[0]!.lengthMm;
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
            expectedMm: 500,
          }),
        };
  if (!hanging || !item || !hung) return null;
  const setItem = (patch: Partial<Item>): Answer => {
    change([{ do: 'putItem', item: { ...item, ...patch } }]);
    return TAKEN;
  };
  const setOver = (next: Over) => {
    const changes: Change[] =
      next === 'none'
        ? [{ do: 'removePiece', id: UNDER }]
        : [
            {
              do: 'putPiece',
              piece: pieceOf(
                next,
                t(`quick.overKinds.${next}`),
                USUAL[next].heightMm,
                USUAL[next].widthMm,
                wallMm,
              ),
            },
          ];
    change([
      ...changes,
      {
        do: 'putHanging',
        lookId: look.id,
        hanging: {
          ...hanging,
          overPieceId: next === 'none' ? null : UNDER,
          xMm: null,
          centreMm: null,
          gapMm: null,
        },
      },
    ]);
  };
  const rebuild = (topMm: number, widthMm: number): Answer =>
    commit({ do: 'putPiece', piece: pieceOf(over as 'sofa', piece!.name, topMm, widthMm, wallMm) }, UNDER);
  const mass = unit === 'cm' ? item.massG / 1000 : item.massG / 453.59237;
  return (
    <QuickFrame
      title={t('quick.picture')}
      stage="walls"
      readings={
        <>
          <div className="mb-3 max-w-[440px]">
            <RadioGroup
              label={t('quick.over')}
              value={over}
              onChange={setOver}
              options={(['none', 'sofa', 'chest', 'bed'] as const).map((o) => ({
                value: o,
                label: t(`quick.overKinds.${o}`),
              }))}
            />
          </div>
          <div className="grid grid-cols-2 gap-x-5 gap-y-2.5 sm:grid-cols-3 xl:grid-cols-6">
            <LengthField
              label={t('quick.pictureWidth')}
              draftKey="quick-p-w"
              valueMm={item.widthMm}
              unit={unit}
              onCommit={(mm) => positive(mm, () => setItem({ widthMm: mm }))}
            />
            <LengthField
              label={t('quick.pictureHeight')}
              draftKey="quick-p-h"
              valueMm={item.heightMm}
              unit={unit}
              onCommit={(mm) => positive(mm, () => setItem({ heightMm: mm }))}
            />
            {piece && (
              <LengthField
                label={t('quick.sofaTop')}
                draftKey="quick-p-top"
                valueMm={piece.heightMm}
                unit={unit}
                onCommit={(mm) => positive(mm, () => rebuild(mm, piece.widthMm))}
              />
            )}
            {piece && (
              <LengthField
                label={t('quick.sofaWidth')}
                draftKey="quick-p-ow"
                valueMm={piece.widthMm}
                unit={unit}
                onCommit={(mm) => positive(mm, () => rebuild(piece.heightMm, mm))}
              />
            )}
            <LengthField
              label={t('measure.ceiling')}
              draftKey="quick-p-ceiling"
              valueMm={file.room.ceilingMm}
              unit={unit}
              onCommit={(mm) =>
                positive(mm, () => commit({ do: 'setRoom', room: { ...file.room, ceilingMm: mm } }, 'room'))
              }
            />
            <NumberField
              label={t('quick.mass')}
              draftKey="quick-p-mass"
              value={mass}
              decimals={1}
              suffix={unit === 'cm' ? 'kg' : 'lb'}
              examples="11, 4.5"
              within={[0, 500]}
              onCommit={(n) => setItem({ massG: Math.round(unit === 'cm' ? n * 1000 : n * 453.59237) })}
            />
          </div>
        </>
      }
      drawing={
        <WallDrawing elevation={plan.elevations[0]!} title={t('quick.picture')} width={760} height={470}>
          {(scale) => <HangingDimensions plan={hung} hanging={hanging} scale={scale} />}
        </WallDrawing>
      }
      answer={
        <HangingSheet
          hanging={hanging}
          item={item}
          plan={hung}
          findings={plan.findings.filter((f) => f.stage === 'walls')}
        />
      }
    />
  );
}
