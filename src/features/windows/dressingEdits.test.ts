import { describe, expect, it } from 'vitest';
import { DRESSING } from '../../core/model/defaults';
import type { Dressing } from '../../core/model/types';
import { withCloth, withHeading, withMake, withMount, withSheerCloth } from './dressingEdits';

const dressing = (own: Partial<Dressing> = {}): Dressing => ({
  ...DRESSING,
  id: 'd',
  openingId: 'w',
  heading: 'ringClip',
  mount: 'wall',
  landing: 'break',
  rod: { make: 'wood', outerMm: 35 },
  rodHeightMm: 2500,
  ...own,
});
const dressedWith = (d: Dressing, patch: Partial<Dressing>): Dressing => ({ ...d, ...patch });

describe('what comes along with a choice', () => {
  it('a wave brings its track, and anything but pleats takes the track away', () => {
    const wave = dressedWith(dressing(), withHeading(dressing(), 'wave'));
    expect(wave.rod).toEqual({ make: 'track', outerMm: null });
    expect(withHeading(wave, 'pinchPleat').rod).toEqual({ make: 'track', outerMm: null });
    expect(withHeading(wave, 'grommet').rod).toEqual({ make: 'tube', outerMm: null });
  });

  it('a rod that stays keeps its own diameter', () => {
    expect(withHeading(dressing(), 'grommet').rod).toEqual({ make: 'wood', outerMm: 35 });
  });

  it.each([
    { make: 'track', heading: 'ringClip', gives: 'wave' },
    { make: 'track', heading: 'pinchPleat', gives: 'pinchPleat' },
    { make: 'wood', heading: 'wave', gives: 'ringClip' },
    { make: 'tension', heading: 'ringClip', gives: 'rodPocket' },
    { make: 'tension', heading: 'grommet', gives: 'grommet' },
  ] as const)('a $make takes $gives for $heading', ({ make, heading, gives }) => {
    expect(withMake(dressing({ heading }), make, false).heading).toBe(gives);
  });

  it('a tension rod goes into the reveal and forgets its height, but not over a tub or in a café', () => {
    expect(withMake(dressing(), 'tension', false)).toMatchObject({ mount: 'inside', rodHeightMm: null });
    const tub = withMake(dressing(), 'tension', true);
    expect(tub).toMatchObject({ mount: 'wall', heading: 'ringClip' });
    expect('rodHeightMm' in tub).toBe(false);
    expect(withMake(dressing({ mount: 'cafe' }), 'tension', false).mount).toBe('cafe');
  });

  it('inside a reveal the rod pushes against its sides, and the hem kisses or clears the sill', () => {
    const inside = withMount(dressing(), 'inside');
    expect(inside).toMatchObject({
      rod: { make: 'tension' },
      heading: 'rodPocket',
      landing: 'kiss',
      rodHeightMm: null,
    });
    expect(withMount(dressing({ landing: 'clear' }), 'cafe').landing).toBe('clear');
    expect(withMount(dressing({ rod: { make: 'track', outerMm: null } }), 'inside').rod!.make).toBe('track');
  });

  it('out of the reveal the tension rod becomes a tube, and the landing stays', () => {
    const d = dressing({ mount: 'inside', rod: { make: 'tension', outerMm: null }, heading: 'rodPocket' });
    expect(withMount(d, 'wall')).toMatchObject({ rod: { make: 'tube' }, landing: 'break' });
    expect(withMount(d, 'ceiling').heading).toBe('rodPocket');
  });

  it('on a leaf there is no sheer and no neighbour, and the cloth stays closed', () => {
    const d = dressing({ joinsNext: true, drawn: 'open' });
    expect(dressedWith(d, withMount(d, 'leaf'))).toMatchObject({
      mount: 'leaf',
      heading: 'rodPocket',
      sheer: null,
      joinsNext: false,
      drawn: 'closed',
    });
  });

  it('another cloth forgets the way that was chosen for the last one', () => {
    expect(withCloth(null)).toEqual({ itemId: null, route: null });
    expect(withSheerCloth(dressing(), null).sheer).toMatchObject({ itemId: null });
  });
});
