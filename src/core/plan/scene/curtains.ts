import type { Mm } from '../../base/units';
import type { Dressing, Heading, Item, Swatch } from '../../model/types';
import { PLAIN, type Shape } from '../../room/shape';
import type { Wall } from '../../room/walls';
import type { PanelPlan, WindowPlan } from '../../stages/windows/windowPlan';
import { box, shape } from './shapes';

/** How far from the wall a curtain hangs, for what hides what. */
const CURTAIN_DEPTH: Mm = 90;
const IN_REVEAL_DEPTH: Mm = 12;
const SHOWER_DEPTH: Mm = 700;
/** How far a rod goes on past its last bracket, with and without a finial. */
const FINIAL: Mm = 40;
const ROD_END: Mm = 8;
/** Cloth that lets this much through is seen through. */
const SEEN_THROUGH = 0.4;
const IRON: readonly Swatch[] = [{ l: 22, a: 0, b: 1, share: 1 }];
const OAK: readonly Swatch[] = [{ l: 55, a: 9, b: 24, share: 1 }];

/** A dressed window as it is drawn on one wall. */
type Drawn = {
  window: WindowPlan;
  dressing: Dressing;
  wall: Wall;
  name: string;
  depthMm: Mm;
  /** Where the rod runs on this wall; it begins and ends here, or goes on round a corner. */
  rod: { fromXMm: Mm; toXMm: Mm; begins: boolean; ends: boolean; pastMm: Mm };
};

/**
 * What of a dressed window hangs on one wall: rod, curtain with its heading, and the sheer on the inner rod
 * behind it.
 */
export function curtainShapes(
  window: WindowPlan,
  dressing: Dressing,
  wall: Wall,
  items: ReadonlyMap<string, Item>,
): Shape[] {
  const onWall = window.rodOn.find((r) => r.wallId === wall.id);
  if (!onWall) return [];
  const cloth = items.get(dressing.itemId ?? '');
  const inside = ['inside', 'cafe', 'leaf'].includes(window.mount) || window.shower;
  const drawn: Drawn = {
    window,
    dressing,
    wall,
    name: cloth?.name ?? window.name,
    depthMm: depthOf(window, inside),
    rod: {
      ...onWall,
      begins: wall.id === window.rodOn[0]?.wallId,
      ends: wall.id === window.rodOn.at(-1)?.wallId,
      pastMm: pastBracket(window, inside),
    },
  };
  const { depthMm } = drawn;
  return [
    ...sheerShapes(drawn, items),
    ...panelShapes(drawn, {
      panels: window.panelPlans,
      topMm: window.rodHeightMm - window.takeDownMm,
      rodMm: window.rodHeightMm,
      drawn: dressing.drawn,
      heading: dressing.heading,
      item: cloth,
      depthMm,
      part: 'panel',
      pass: window.passes.main,
    }),
    ...rodShapes(drawn),
  ];
}

function depthOf(window: WindowPlan, inside: boolean): Mm {
  if (window.shower) return SHOWER_DEPTH;
  return inside || window.leaves ? IN_REVEAL_DEPTH : CURTAIN_DEPTH;
}

function pastBracket(window: WindowPlan, inside: boolean): Mm {
  if (inside) return 0;
  return window.finials > 0 ? FINIAL : ROD_END;
}

function sheerShapes(drawn: Drawn, items: ReadonlyMap<string, Item>): Shape[] {
  const { sheer, passes } = drawn.window;
  const chosen = drawn.dressing.sheer;
  if (!sheer || !chosen) return [];
  return [
    rodShape(drawn, sheer.rodHeightMm, drawn.depthMm - 28, 'innerRod'),
    ...panelShapes(drawn, {
      panels: sheer.panelPlans,
      topMm: sheer.rodHeightMm - sheer.takeDownMm,
      rodMm: sheer.rodHeightMm,
      drawn: chosen.drawn,
      heading: sheer.heading,
      item: items.get(chosen.itemId ?? ''),
      depthMm: drawn.depthMm - 30,
      part: 'sheer',
      pass: passes.sheer,
    }),
  ];
}

function rodShapes(drawn: Drawn): Shape[] {
  const { window, depthMm } = drawn;
  const frontMm = depthMm + 1;
  if (!window.leaves) return [rodShape(drawn, window.rodHeightMm, frontMm, 'rod')];
  const { lowerRodMm } = window;
  return window.leaves.flatMap((leaf, i) => {
    const upper = rodShape(drawn, window.rodHeightMm, frontMm, i === 0 ? 'rod' : `rod${i}`, leaf);
    return lowerRodMm === null
      ? [upper]
      : [upper, rodShape(drawn, lowerRodMm, frontMm, `lowerRod${i}`, leaf)];
  });
}

/** A rod, or the part of a bent one that is seen on this wall: up to the corner that it turns. */
function rodShape(
  { window, dressing, wall, name, rod }: Drawn,
  heightMm: Mm,
  depthMm: Mm,
  part: string,
  stretch?: { fromMm: Mm; toMm: Mm },
): Shape {
  const startMm = rod.begins ? rod.fromXMm - rod.pastMm : Math.min(0, rod.fromXMm);
  const endMm = rod.ends ? rod.toXMm + rod.pastMm : Math.max(wall.lengthMm, rod.toXMm);
  const fromMm = stretch?.fromMm ?? startMm;
  const toMm = stretch?.toMm ?? endMm;
  const thickMm = window.rod.section.outerMm;
  return shape(
    { about: window.dressingId, name },
    'rod',
    box(fromMm, heightMm - thickMm / 2, toMm - fromMm, thickMm),
    depthMm,
    {
      colours: dressing.rod.make === 'wood' ? OAK : IRON,
      part,
      heading: dressing.rod.make,
      ...(rod.pastMm > ROD_END ? { finials: finialsOf(rod) } : {}),
    },
  );
}

function finialsOf({ begins, ends }: Drawn['rod']): NonNullable<Shape['finials']> {
  if (begins && ends) return 'leftright';
  if (begins) return 'left';
  return ends ? 'right' : '';
}

type Hung = {
  panels: readonly PanelPlan[];
  topMm: Mm;
  rodMm: Mm;
  drawn: 'open' | 'closed';
  heading: Heading;
  item: Item | undefined;
  depthMm: Mm;
  part: string;
  /** Share of the light that the cloth lets through. */
  pass: number;
};

function panelShapes({ window, wall, name, rod }: Drawn, hung: Hung): Shape[] {
  const { item, topMm } = hung;
  return hung.panels.flatMap((panel) => {
    const closed = hung.drawn === 'closed';
    const wholeMm = closed ? panel.toMm - panel.fromMm : panel.stackToMm - panel.stackFromMm;
    return (closed ? panel.drawnOn : panel.openOn)
      .filter((run) => run.wallId === wall.id)
      .map((run) => {
        // cloth that goes on round the corner is seen up to it
        const left = !rod.begins && run.fromXMm < rod.fromXMm + 1 ? Math.min(0, run.fromXMm) : run.fromXMm;
        const right = !rod.ends && run.toXMm > rod.toXMm - 1 ? Math.max(wall.lengthMm, run.toXMm) : run.toXMm;
        const folds = Math.max(1, Math.round(panel.folds * ((run.toXMm - run.fromXMm) / wholeMm)));
        return shape(
          { about: window.dressingId, name: item?.name ?? name },
          'curtain',
          box(left, panel.bottomMm, right - left, Math.max(1, topMm - panel.bottomMm)),
          hung.depthMm,
          {
            colours: item?.colours ?? [],
            pattern: item?.pattern ?? PLAIN,
            soft: true,
            folds,
            part: `${hung.part}${panel.number}`,
            heading: hung.heading,
            rodMm: hung.rodMm - topMm,
            ...(item?.wish ? { wish: true } : {}),
            ...(hung.pass >= SEEN_THROUGH ? { seeThrough: hung.pass } : {}),
          },
        );
      });
  });
}
