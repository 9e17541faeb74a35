import { SHEER } from '../../core/model/defaults';
import type { Dressing, Heading, Item, Mount, RodMake } from '../../core/model/types';

/** What a choice for a window changes of its dressing; whatever has to come along comes along. */
type Patch = Partial<Dressing>;

/** A wave runs on a track, and only pleats do besides. */
function makeFor(heading: Heading, make: RodMake): RodMake {
  if (heading === 'wave') return 'track';
  return make === 'track' && heading !== 'pinchPleat' ? 'tube' : make;
}

/** The heading that goes with a rod: a wave on a track, pockets on a tension rod in a reveal. */
function headingFor(make: RodMake, heading: Heading, shower: boolean): Heading {
  if (make === 'track') return heading === 'pinchPleat' ? heading : 'wave';
  if (heading === 'wave') return 'ringClip';
  return make === 'tension' && heading === 'ringClip' && !shower ? 'rodPocket' : heading;
}

/** A tension rod belongs between two sides, and nowhere else. */
function makeWhere(isInside: boolean, make: RodMake): RodMake {
  if (isInside) return make === 'track' ? make : 'tension';
  return make === 'tension' ? 'tube' : make;
}

export const withCloth = (item: Item | null): Patch => ({ itemId: item?.id ?? null, route: null });

export const withSheerCloth = (d: Dressing, item: Item | null): Patch => ({
  sheer: { ...(d.sheer ?? SHEER), itemId: item?.id ?? null, route: null },
});

/** Another heading, on a rod that takes it. A rod that stays keeps its own diameter. */
export function withHeading(d: Dressing, heading: Heading): Patch {
  const make = makeFor(heading, d.rod.make);
  return { heading, route: null, rod: make === d.rod.make ? d.rod : { make, outerMm: null } };
}

/** Another rod, with a heading that it takes; a tension rod goes between two sides. */
export function withMake(d: Dressing, make: RodMake, shower: boolean): Patch {
  const goesInside = make === 'tension' && d.mount !== 'cafe' && !shower;
  const mount: Mount = goesInside ? 'inside' : d.mount;
  return {
    rod: { make, outerMm: null },
    heading: headingFor(make, d.heading, shower),
    mount,
    route: null,
    ...(mount === d.mount ? {} : { rodHeightMm: null }),
  };
}

/** On a leaf the cloth is held at both ends, and stays in front of the glass. */
const ON_LEAF: Patch = {
  mount: 'leaf',
  rod: { make: 'tube', outerMm: null },
  heading: 'rodPocket',
  rodHeightMm: null,
  route: null,
  sheer: null,
  joinsNext: false,
  drawn: 'closed',
};

/** Fixed elsewhere, on a rod that holds there; in a reveal the hem kisses the sill or clears it. */
export function withMount(d: Dressing, mount: Mount): Patch {
  if (mount === 'leaf') return ON_LEAF;
  const isInside = mount === 'inside' || mount === 'cafe';
  const make = makeWhere(isInside, d.rod.make);
  return {
    mount,
    rod: { make, outerMm: null },
    heading: make === 'tension' && d.heading === 'ringClip' ? 'rodPocket' : d.heading,
    rodHeightMm: null,
    route: null,
    landing: isInside && d.landing !== 'clear' ? 'kiss' : d.landing,
  };
}
