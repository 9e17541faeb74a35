import type { Item } from '../../model/types';
import { asBed } from '../../room/made';
import type { BedPlan } from '../../stages/beds/bedPlan';
import { planBed } from '../../stages/beds/planBed';
import { judgeBedTies } from '../beds/bedTies';
import { judgeNights, nightPlaces, type NightPlace } from '../beds/nightPlaces';
import type { FittingStep } from '../fittingStep';
import { part } from '../parts';
import { casingLines, judgeCasings, judgeInserts } from '../laidInserts';
import { progress, settled, stage } from '../stage';
import { countUses } from '../uses';

const beds = part(
  'beds',
  {
    file: ['pieces', 'home'],
    look: ['season'],
    parts: ['laid', 'items', 'rules'],
  },
  ({ file, look, laid, items, rules }) => {
    const { season } = look;
    const given = { placements: laid, items, flags: file.home.flags, look: { season } };
    return file.pieces.flatMap((piece) => {
      const bed = asBed(piece);
      return bed ? [planBed(bed, given, rules)] : [];
    });
  },
);

const nights = part(
  'nights',
  { file: ['pieces'], look: ['night'], parts: ['beds', 'spots', 'placed', 'rules'] },
  ({ file, look, beds: plans, spots, placed, rules }) =>
    nightPlaces(plans, look.night, { spots, placed, pieces: file.pieces, rules }),
);

const isDressed = ({ pillows, covers, throws }: BedPlan): boolean =>
  pillows.length + covers.length + throws.length > 0;

/** A bed is made from the mattress up, then its pillows from the head. */
const bedStep = (bed: BedPlan, night: NightPlace | undefined, wallId: string): FittingStep => ({
  kind: 'bed',
  about: bed.pieceId,
  name: bed.name,
  wallId,
  marks: [],
  finishedMm: [],
  count: bed.pillows.length,
  made: bed.covers.map(({ item }) => item.name),
  setOut: [...bed.pillows, ...bed.throws].map(({ name, xMm }) => ({ name, count: 1, xMm, on: null })),
  ...(night && night.count > 0 ? { night: { count: night.count, where: night.where } } : {}),
});

const usedCovers = (plans: readonly BedPlan[], items: ReadonlyMap<string, Item>) =>
  plans.flatMap(({ pillows }) =>
    pillows.flatMap(({ itemId }) => {
      const item = items.get(itemId);
      return item ? [{ item, count: 1 }] : [];
    }),
  );

export const bedsStage = stage({
  name: 'beds',
  parts: [beds, nights],
  reads: { parts: ['beds', 'nights', 'seats', 'items', 'places', 'rules'] },
  findings: ({ beds: plans, nights: places, seats, items, rules }) => [
    ...plans.flatMap((bed) => [...bed.findings, ...judgeBedTies(bed, rules)]),
    ...judgeNights(places, plans),
    ...judgeInserts('beds', { laid: plans, before: seats }, items),
    ...judgeCasings('beds', { laid: plans, before: seats }, items),
  ],
  steps: ({ beds: plans, nights: nightOf, places }) =>
    plans.filter(isDressed).map((bed) => {
      const night = nightOf.find(({ pieceId }) => pieceId === bed.pieceId);
      return bedStep(bed, night, places.get(bed.pieceId)?.wallId ?? '');
    }),
  bought: ({ beds: plans, seats, items }) => ({
    lines: casingLines([...seats, ...plans], items),
    uses: countUses('cover', usedCovers(plans, items)),
  }),
  state: ({ beds: plans }, open) => {
    const done = plans.filter(isDressed).length;
    return {
      state: settled(progress(done, plans.length), open),
      done,
      of: plans.length,
      open,
      needs: plans.length === 0 ? 'a-bed' : 'nothing',
    };
  },
});
