import { sameOr } from '../base/list';
import { sum, type SquareMm } from '../base/units';
import { nameColour, type ColourName } from '../colour/name';
import { ByColour } from '../colour/byColour';
import { deltaE00, hueApart, oklchOfLab, type Lab, type Oklch } from '../colour/spaces';
import type { RuleBook } from '../rules/book';
import type { Patch } from './patches';

export type Shade = Lab & { name?: string; areaMm2: SquareMm };
export type Family = {
  /** Stable under small changes: the key of its heaviest colour. */
  id: string;
  neutral: boolean;
  seed: Lab;
  colourName: ColourName;
  ownName: string | null;
  shades: Shade[];
  areaMm2: SquareMm;
  share: number;
  patches: readonly Patch[];
};

type Sorted = { lab: Patch['colour']; area: SquareMm; patches: Patch[]; lch: Oklch };

/**
 * Colour families of what is seen: chromatic colours whose hues (OKLCH) lie within the rule of the family's
 * heaviest colour and whose chroma is of its kind; neutrals by nearness. Heaviest first; shares of all that
 * is seen. An earlier family, found by the same rules, that is still the same is kept.
 */
export function familiesOf(
  patches: readonly Patch[],
  rules: RuleBook,
  earlier: readonly Family[] = [],
): Family[] {
  const byColour = new ByColour<Sorted>();
  for (const patch of patches) {
    const { colour } = patch;
    const known = byColour.of(colour, () => ({ lab: colour, area: 0, patches: [], lch: oklchOfLab(colour) }));
    known.area += patch.areaMm2;
    known.patches.push(patch);
  }
  const total = sum(byColour.values.map((c) => c.area)) || 1;
  const neutralChroma = rules.number('spread.neutralChroma');
  const groups: { seed: Sorted; members: Sorted[]; neutral: boolean }[] = [];
  for (const colour of [...byColour.values].sort((a, b) => b.area - a.area || darkerFirst(a.lab, b.lab))) {
    const neutral = colour.lch.c < neutralChroma;
    const group = groups.find(
      (g) =>
        g.neutral === neutral &&
        (neutral
          ? deltaE00(g.seed.lab, colour.lab) <= rules.number('spread.shadeApart')
          : hueApart(g.seed.lch.hueDeg, colour.lch.hueDeg) <= rules.number('spread.familyHue') &&
            Math.abs(g.seed.lch.c - colour.lch.c) <= rules.number('spread.familyChroma')),
    );
    if (group) group.members.push(colour);
    else groups.push({ seed: colour, members: [colour], neutral });
  }
  return groups
    .map((g): Family => {
      const areaMm2 = sum(g.members.map((m) => m.area));
      const share = areaMm2 / total;
      const own = g.members.flatMap((m) => m.patches);
      const known = earlier.find((f) => f.share === share && sameOr(f.patches, own) === f.patches);
      if (known) return known;
      const { l, a, b } = g.seed.lab;
      return {
        id: `${l.toFixed(0)}_${a.toFixed(0)}_${b.toFixed(0)}`.replaceAll('-', 'm'),
        neutral: g.neutral,
        seed: { l, a, b },
        colourName: nameColour(g.seed.lab, neutralChroma),
        ownName: g.seed.lab.name ?? null,
        shades: g.members.map((m) => ({
          l: m.lab.l,
          a: m.lab.a,
          b: m.lab.b,
          areaMm2: m.area,
          ...(m.lab.name ? { name: m.lab.name } : {}),
        })),
        areaMm2,
        share,
        patches: own,
      };
    })
    .sort((a, b) => b.areaMm2 - a.areaMm2 || darkerFirst(a.seed, b.seed));
}

/** An order of colours that are seen equally. */
const darkerFirst = (one: Lab, other: Lab): number => one.l - other.l || one.a - other.a || one.b - other.b;
