'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Hanging, Item, Piece } from '../../core/model/types';
import { NumberField, TAKEN, type Answer } from '../../ui/Field';
import { RadioGroup } from '../../ui/RadioGroup';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { QuickFrame } from '../shell/QuickFrame';
import { QuickLength } from '../shell/QuickLength';
import { LocalRoomProvider } from '../shell/room/LocalRoomProvider';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { useLongestSide } from '../shell/useLongestSide';
import { HangingDimensions } from './HangingDimensions';
import { HangingSheet } from './HangingSheet';
import { beginPicture, pieceUnder, UNDER, USUAL, type Over, type Under } from './quickPictureRoom';

const GRAMS_OF_POUND = 453.59237;

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
  const t = useTranslations('quick');
  const { file, look, plan } = useRoom();
  const hanging = look.hangings[0];
  const item = file.items.find((i) => i.id === hanging?.itemId);
  const hung = plan.hangings[0];
  const piece = file.pieces.find((p) => p.id === UNDER);
  if (!hanging || !item || !hung) return null;
  return (
    <QuickFrame
      title={t('picture')}
      stage="walls"
      readings={
        <>
          <OverChoice hanging={hanging} kind={piece ? (piece.kind as Under) : 'none'} />
          <div className="grid grid-cols-2 gap-x-5 gap-y-2.5 sm:grid-cols-3 xl:grid-cols-6">
            <PictureReadings item={item} />
            {piece && <PieceReadings piece={piece} />}
            <CeilingReading />
            <MassReading item={item} />
          </div>
        </>
      }
      drawing={
        <WallDrawing elevation={first(plan.elevations)} title={t('picture')} width={760} height={470}>
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

/** What the picture hangs over; a change of it puts the picture back on its rule. */
function OverChoice({ hanging, kind }: { hanging: Hanging; kind: Over }): ReactNode {
  const t = useTranslations('quick');
  const { look, plan, change } = useRoom();
  const wallMm = first(plan.walls).lengthMm;
  const setOver = (next: Over) => {
    const overPieceId = next === 'none' ? null : UNDER;
    change([
      next === 'none'
        ? { do: 'removePiece', id: UNDER }
        : { do: 'putPiece', piece: pieceUnder(usual(next), wallMm) },
      {
        do: 'putHanging',
        lookId: look.id,
        hanging: { ...hanging, overPieceId, xMm: null, centreMm: null, gapMm: null },
      },
    ]);
  };
  const usual = (kind: Under) => ({
    kind,
    name: t(`overKinds.${kind}`),
    topMm: USUAL[kind].heightMm,
    widthMm: USUAL[kind].widthMm,
  });
  return (
    <div className="mb-3 max-w-[440px]">
      <RadioGroup
        label={t('over')}
        value={kind}
        onChange={setOver}
        options={(['none', 'sofa', 'chest', 'bed'] as const).map((o) => ({
          value: o,
          label: t(`overKinds.${o}`),
        }))}
      />
    </div>
  );
}

function useSetItem(item: Item): (patch: Partial<Item>) => Answer {
  const { change } = useRoom();
  return (patch) => {
    change([{ do: 'putItem', item: { ...item, ...patch } }]);
    return TAKEN;
  };
}

function PictureReadings({ item }: { item: Item }): ReactNode {
  const t = useTranslations('quick');
  const setItem = useSetItem(item);
  const side = useLongestSide(item.kind, useRoom().file.room.unit);
  return (
    <>
      <QuickLength
        label={t('pictureWidth')}
        draftKey="quick-p-w"
        isPlain
        valueMm={item.widthMm}
        onCommit={(widthMm) => side(widthMm, () => setItem({ widthMm }))}
      />
      <QuickLength
        label={t('pictureHeight')}
        draftKey="quick-p-h"
        isPlain
        valueMm={item.heightMm}
        onCommit={(heightMm) => side(heightMm, () => setItem({ heightMm }))}
      />
    </>
  );
}

/** The top and the width of what is under the picture. */
function PieceReadings({ piece }: { piece: Piece }): ReactNode {
  const t = useTranslations('quick');
  const { plan } = useRoom();
  const commit = useCommit();
  const { name, heightMm, widthMm } = piece;
  const rebuild = (size: { topMm: number; widthMm: number }): Answer => {
    const rebuilt = pieceUnder({ kind: piece.kind as Under, name, ...size }, first(plan.walls).lengthMm);
    return commit({ do: 'putPiece', piece: rebuilt }, UNDER);
  };
  return (
    <>
      <QuickLength
        label={t('sofaTop')}
        draftKey="quick-p-top"
        valueMm={heightMm}
        onCommit={(topMm) => rebuild({ topMm, widthMm })}
      />
      <QuickLength
        label={t('sofaWidth')}
        draftKey="quick-p-ow"
        valueMm={widthMm}
        onCommit={(mm) => rebuild({ topMm: heightMm, widthMm: mm })}
      />
    </>
  );
}

function CeilingReading(): ReactNode {
  const t = useTranslations('measure');
  const { room } = useRoom().file;
  const commit = useCommit();
  return (
    <QuickLength
      label={t('ceiling')}
      draftKey="quick-p-ceiling"
      valueMm={room.ceilingMm}
      onCommit={(ceilingMm) => commit({ do: 'setRoom', room: { ...room, ceilingMm } }, 'room')}
    />
  );
}

/** What the picture weighs: in kilograms where the room is in centimetres, in pounds elsewhere. */
function MassReading({ item }: { item: Item }): ReactNode {
  const t = useTranslations('quick');
  const setItem = useSetItem(item);
  const isMetric = useRoom().file.room.unit === 'cm';
  const gramsOfUnit = isMetric ? 1000 : GRAMS_OF_POUND;
  return (
    <NumberField
      label={t('mass')}
      draftKey="quick-p-mass"
      value={item.massG / gramsOfUnit}
      decimals={1}
      suffix={isMetric ? 'kg' : 'lb'}
      examples="11, 4.5"
      range={[0, 500]}
      onCommit={(n) => setItem({ massG: Math.round(n * gramsOfUnit) })}
    />
  );
}
