'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { addressOf } from '../../core/room/spots/spot';
import { takes } from '../../core/room/spots/parts';
import type { SurfaceThing } from '../../core/stages/surfaces/planSurface';
import { Button } from '../../ui/Button';
import { LengthField, TAKEN } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { LayerSelect } from '../shell/LayerSelect';
import { usePlacing } from '../shell/placing/usePlacing';
import { useSpotName } from '../shell/placing/useSpotName';
import { useRoom } from '../shell/room/RoomContext';
import { CountField, LiesChoice, OtherFace, PlaceField, StaysThere, TakeOff } from './PlacedFields';
import type { SurfaceState } from './useSurface';

/** What can be said of a placed thing: where it stands, how it lies, how many, and where else it goes. */
export function ThingForm({ thing, state }: { thing: SurfaceThing; state: SurfaceState }): ReactNode {
  const t = useTranslations('surfaces');
  const { file, plan } = useRoom();
  const placing = usePlacing();
  const spotName = useSpotName();
  const { placement: p, spot } = thing.thing;
  const { item } = thing;
  const { unit } = file.room;
  const key = (field: string) => `${file.room.id}-${p.id}-${field}`;
  const carries = plan.placed.some(({ placement }) => placement.spot.of === p.id);
  const goesTo = placesFor(thing, state, plan);
  return (
    <div className="space-y-2.5 pb-3 pt-1">
      <div className="grid grid-cols-2 gap-x-4 gap-y-2">
        <PlaceField placement={p} spot={spot} />
        <LengthField
          label={t('out')}
          draftKey={key('out')}
          valueMm={p.outMm ?? Math.max(0, (spot.depthMm - thing.depthMm) / 2)}
          unit={unit}
          onCommit={(outMm) => {
            placing.set(p, { outMm });
            return TAKEN;
          }}
        />
        <CountField placement={p} />
        <LayerSelect layer={p.layer} onChange={(layer) => placing.set(p, { layer })} />
      </div>
      <LiesChoice placement={p} item={item} spot={spot} />
      {goesTo.length > 0 && (
        <Select
          label={t('moveTo')}
          value={addressOf(p.spot)}
          options={[spot, ...goesTo].map((to) => ({ value: addressOf(to), label: spotName(to) }))}
          onChange={(address) => {
            const to = goesTo.find((s) => addressOf(s) === address);
            if (to) placing.moveTo(p, item, to);
          }}
        />
      )}
      <div className="flex flex-wrap items-center gap-1.5">
        <Button small onClick={() => placing.mirror(p)}>
          {t('mirror')}
        </Button>
        <OtherFace placement={p} item={item} />
        <Button small onClick={() => placing.set(p, { turnDeg: (p.turnDeg + 90) % 360 })}>
          {t('turn')}
        </Button>
        {carries && (
          <Button small onClick={() => placing.takeApart(p)}>
            {t('takeApart')}
          </Button>
        )}
        <TakeOff placement={p} />
      </div>
      <StaysThere placement={p} />
    </div>
  );
}

/** The other spots that take a thing: what stands with it on the surface, then every other surface of the room. */
function placesFor(
  { item, thing }: SurfaceThing,
  { targets }: SurfaceState,
  plan: ReturnType<typeof useRoom>['plan'],
) {
  const here = addressOf(thing.placement.spot);
  const isOwn = (of: string) =>
    of === thing.placement.id ||
    plan.placed.some((x) => x.placement.id === of && x.carriers.includes(thing.placement.id));
  const all = new Map([...targets, ...plan.surfaces.map((s) => s.spot)].map((s) => [addressOf(s), s]));
  return [...all.values()].filter((s) => takes(s.kind, item.kind) && addressOf(s) !== here && !isOwn(s.of));
}
