'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useMemo, useRef, type ReactNode } from 'react';
import { findOne } from '../../core/base/list';
import { formatBareSize, formatLength, plainUnit } from '../../core/base/length';
import { inches } from '../../core/base/units';
import type { Item } from '../../core/model/types';
import { asBed, type BedPiece } from '../../core/room/made';
import type { BedPlan } from '../../core/stages/beds/bedPlan';
import { waking } from '../../ui/Awake';
import type { Scale } from '../../ui/drawing/scale';
import { placeOnDrawing } from '../shell/placing/placeOnDrawing';
import { usePlacing } from '../shell/placing/usePlacing';
import { useShop } from '../shell/placing/useShop';
import { PieceChoice } from '../shell/PieceChoice';
import { useRoom } from '../shell/room/RoomContext';
import { StageLink } from '../shell/StageLink';
import { useStashWhenThere, type StashRow } from '../shell/useStash';
import { SheetHead, SheetTitle, Workspace } from '../shell/Workspace';
import { BedAnswers } from './BedAnswers';
import { BedDrawings } from './BedDrawings';
import { BedSheet } from './BedSheet';

const PlacingStrip = dynamic(() =>
  import('../shell/placing/PlacingStrip').then((m) => waking(m.PlacingStrip)),
);
const ThreeWays = dynamic(() => import('./ThreeWays').then((m) => waking(m.ThreeWays)));
const NONE: readonly StashRow[] = [];
const noNote = () => null;
const BED_WISH = {
  kinds: ['cover', 'throw', 'bedding'],
  mostWidthMm: inches(36),
  mostHeightMm: inches(36),
} as const;

/** Beds: covers, tiers of pillows and what lies at the foot, from the foot and from the side. */
export function BedsScreen(): ReactNode {
  const t = useTranslations();
  const { arranged, look, plan, picked } = useRoom();
  const stashThere = useStashWhenThere('bedding,cover,throw');
  const stash = stashThere ?? NONE;
  const shop = useShop('bedding,cover,throw');
  const rows = useMemo(() => [...stash, ...shop], [stash, shop]);
  const placing = usePlacing();
  const drawn = useRef<{ scale: Scale; left: number } | null>(null);
  const box = useRef<HTMLDivElement>(null);
  const beds = arranged.pieces.flatMap((p) => asBed(p) ?? []);
  const piece =
    beds.find((p) => p.id === picked || look.placements.some((x) => x.id === picked && x.spot.of === p.id)) ??
    beds[0];
  if (!piece) return <NoBeds />;
  const bed = findOne(plan.beds, (b) => b.pieceId === piece.id);
  const spot = findOne(plan.spots, (s) => s.of === piece.id && s.kind === 'mattress');
  const drop = (item: Item, clientX: number, clientY: number) => {
    const at = drawn.current && placeOnDrawing(box.current, drawn.current.scale, { clientX, clientY });
    if (at && drawn.current) placing.putOn(item, spot, at.xMm - drawn.current.left);
  };
  return (
    <Workspace
      worksheet={
        <>
          <PieceChoice label={t('beds.bedsHere')} pieces={beds} shownId={piece.id} />
          <BedSheet plan={bed} />
        </>
      }
    >
      <BedHead piece={piece} plan={bed} />
      <BedDrawings piece={piece} plan={bed} boxRef={box} drawnRef={drawn} />
      <BedAnswers plan={bed} />
      <PlacingStrip
        rows={rows}
        noteOf={noNote}
        wish={BED_WISH}
        onDrop={drop}
        onPut={(item) => placing.putOn(item, spot, null)}
      />
      <ThreeWays key={piece.id} piece={piece} stash={stashThere} />
    </Workspace>
  );
}

/** The bed's name, the size it has by name, and how high and thick its mattress is. */
function BedHead({ piece, plan: { size, bed, isThicknessGuessed, topperMm } }: BedProps): ReactNode {
  const t = useTranslations('beds');
  const unit = plainUnit(useRoom().file.room.unit);
  const facts = {
    size: formatBareSize(bed.widthMm, bed.lengthMm, unit),
    named: size ? t(`sizes.${size}`) : 'none',
    top: formatLength(bed.topMm, unit),
    thick: formatLength(bed.thickMm, unit),
    guessed: isThicknessGuessed ? 'yes' : 'no',
    topper: topperMm > 0 ? formatLength(topperMm, unit) : 'none',
  };
  return <SheetHead title={piece.name} detail={t('facts', facts)} />;
}
type BedProps = { piece: BedPiece; plan: BedPlan };

function NoBeds(): ReactNode {
  const t = useTranslations();
  const { file, look } = useRoom();
  return (
    <Workspace
      worksheet={
        <>
          <SheetTitle>{t('stages.beds')}</SheetTitle>
          <p>{t('beds.none')}</p>
          <p className="mt-3">
            <StageLink
              className="underline underline-offset-4"
              href={`/rooms/${file.room.id}/measure?look=${look.id}&wall=plan`}
            >
              {t('stageNeeds.a-bed')}
            </StageLink>
          </p>
        </>
      }
    >
      <SheetHead title={t('stages.beds')} detail="" views={false} />
    </Workspace>
  );
}
