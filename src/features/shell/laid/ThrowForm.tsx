'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatPlainLength, plainUnit } from '../../../core/base/length';
import type { ItemKind, Placement } from '../../../core/model/types';
import { FOLDS } from '../../../core/model/values/look';
import { liesOn } from '../../../core/room/lies';
import { numberOfPart, type Spot } from '../../../core/room/spots/spot';
import type { ThrowPlan } from '../../../core/textiles/textilesOn';
import { Button } from '../../../ui/Button';
import { LengthField, TAKEN } from '../../../ui/Field';
import { RadioGroup } from '../../../ui/RadioGroup';
import { Select } from '../../../ui/Select';
import { Words } from '../../../ui/Words';
import { useRoom } from '../room/RoomContext';
import { LayerSelect } from '../LayerSelect';
import { leftEdgeOf } from './leftEdge';
import { Why } from '../Why';
import type { Placing } from '../placing/usePlacing';

/** Parts of furniture that cloth is laid over. */
const LAID_ON: ReadonlySet<string> = new Set(['seat', 'arm', 'mattress']);
/** Ways of laying a throw whose first end hangs down by what one chooses. */
const HANGS: ReadonlySet<Placement['lie']> = new Set(['overBack', 'corner', 'overArm', 'acrossSeat']);

/** What can be said of a throw that is picked: where it is laid, how it is folded, how far its first end hangs down. */
export function ThrowForm({
  plan,
  placement,
  acts,
}: {
  plan: ThrowPlan;
  placement: Placement;
  acts: Placing;
}): ReactNode {
  const t = useTranslations('seats');
  const { file, arranged, plan: whole } = useRoom();
  const piece = arranged.pieces.find((x) => x.id === placement.spot.of);
  const { unit } = file.room;
  const { path, item, lie, fold } = plan;
  const spots = whole.spots.filter((s) => s.of === placement.spot.of && LAID_ON.has(s.kind));
  const ways = spots.flatMap((spot) => waysOn(item.kind, spot).map((way) => ({ spot, way })));
  const nameOf = (spot: Spot, way: string) =>
    way === 'overArm' ? t('overArm', { n: numberOfPart(spot.part) ?? 1 }) : t(`lies.${way as 'overBack'}`);
  const key = (spot: Spot, way: string) => `${spot.part}/${way}`;
  const lay = (to: string) => {
    const found = ways.find(({ spot, way }) => key(spot, way) === to);
    if (!found) return;
    const { spot, way } = found;
    const isMoved = spot.part !== placement.spot.part;
    const address = { of: spot.of, part: spot.part };
    acts.set(placement, {
      lie: way,
      fold: null,
      hangsMm: null,
      spot: address,
      ...(isMoved ? { xMm: spot.widthMm / 2, outMm: null } : {}),
    });
  };
  const firstEnd = path.ends[0].part;
  const hangsMm = path.onParts[firstEnd] ?? 0;
  return (
    <div className="space-y-2.5 pb-3 pt-1">
      <p className="flex justify-between text-[13px] text-soft">
        <span>
          <Words>
            {t('band', {
              width: formatPlainLength(path.bandMm, unit),
              length: formatPlainLength(path.lengthMm, unit),
            })}
          </Words>
        </span>
        <Why rule="throws.hangsBehind" />
      </p>
      <Select
        label={t('laid')}
        value={`${placement.spot.part}/${lie}`}
        options={ways.map(({ spot, way }) => ({ value: key(spot, way), label: nameOf(spot, way) }))}
        onChange={lay}
      />
      <RadioGroup
        label={t('fold')}
        value={fold}
        onChange={(next) => acts.set(placement, { fold: next })}
        options={FOLDS.map((f) => ({ value: f, label: t(`folds.${f}`) }))}
      />
      <LayerSelect layer={placement.layer} onChange={(layer) => acts.set(placement, { layer })} />
      <div className="grid grid-cols-2 gap-x-4">
        {placement.spot.part === 'seat' || placement.spot.part === 'mattress' ? (
          <LengthField
            label={t('place', { edge: leftEdgeOf(piece) })}
            draftKey={`${file.room.id}-${placement.id}-x`}
            valueMm={placement.xMm}
            unit={unit}
            onCommit={(xMm) => {
              acts.set(placement, { xMm });
              return TAKEN;
            }}
          />
        ) : null}
        {HANGS.has(lie) && (
          <LengthField
            label={t(`hangs.${lie as 'overBack'}`)}
            draftKey={`${file.room.id}-${placement.id}-hangs`}
            valueMm={placement.hangsMm ?? hangsMm}
            unit={plainUnit(unit)}
            onCommit={(mm) => {
              acts.set(placement, { hangsMm: mm });
              return TAKEN;
            }}
            onClear={() => acts.set(placement, { hangsMm: null })}
          />
        )}
      </div>
      <div className="flex flex-wrap gap-1.5">
        {item.back !== null && (
          <Button
            small
            onClick={() => acts.set(placement, { face: placement.face === 'front' ? 'back' : 'front' })}
          >
            {t('otherFace')}
          </Button>
        )}
        <Button small onClick={() => acts.takeOff(placement)}>
          {t('takeOff')}
        </Button>
      </div>
    </div>
  );
}

/** The ways in which a cloth is laid there; folded up it is a thing like others. */
const waysOn = (kind: ItemKind, spot: Spot): Placement['lie'][] =>
  liesOn(kind, spot.kind).filter((lie) => lie !== 'folded');
