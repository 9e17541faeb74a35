import { inSets, type Mm, type Money } from '../base/units';
import type { Finding } from '../model/finding';
import type { Item, Look } from '../model/types';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';
import { shortLines, totalCost, type BuyLine, type Use } from '../stash/buying';
import { insertNeeds, type InsertNeed } from '../stages/seats/insert';
import type { SeatPlan } from '../stages/seats/planSeat';
import type { HangingPlan } from '../stages/walls/planHanging';
import type { WindowPlan } from '../stages/windows/windowPlan';

/** A mark on a wall: from the wall's left end, above the floor datum, and from the level line. */
export type Mark = {
  label:
    | 'bracketLeft'
    | 'bracketRight'
    | 'bracketCentre'
    | 'nail'
    | 'frameTop'
    | 'frameCentre'
    | 'hemLeft'
    | 'hemRight';
  xMm: Mm;
  heightMm: Mm;
  fromLineMm: Mm;
  /** Where it is on another wall than its step. */ wallId?: string;
};
export type FittingStep = {
  kind: 'rod' | 'curtain' | 'sheer' | 'picture' | 'seat';
  about: string;
  name: string;
  wallId: string;
  marks: Mark[];
  finishedMm: Mm[];
  count: number;
};
export type FittingSheet = {
  levelLineMm: Mm;
  steps: FittingStep[];
  buy: BuyLine[];
  inserts: InsertNeed[];
  cost: Money;
  cautions: Finding[];
  fingerprint: string;
};

/** The day's order: rods, then curtains, then pictures, then seats; every height from one level line. */
export function fittingSheet(
  look: Look,
  items: ReadonlyMap<string, Item>,
  plans: {
    windows: readonly WindowPlan[];
    hangings: readonly HangingPlan[];
    seats: readonly SeatPlan[];
    pieceWalls: ReadonlyMap<string, string>;
  },
  cautions: readonly Finding[],
  rules: RuleBook,
): FittingSheet {
  const levelLineMm = rules.number('fitting.levelLine');
  const mark = (label: Mark['label'], xMm: Mm, heightMm: Mm, wallId?: string): Mark => ({
    label,
    xMm,
    heightMm,
    fromLineMm: heightMm - levelLineMm,
    ...(wallId ? { wallId } : {}),
  });
  const rods = plans.windows.map((w): FittingStep => ({
    kind: 'rod',
    about: w.openingId,
    name: w.name,
    wallId: w.wallId,
    finishedMm: [],
    count: w.bracketsAt.length,
    marks: w.bracketsAt.map((b, i) =>
      mark(
        i % w.rod.load.supports === 0
          ? 'bracketLeft'
          : (i + 1) % w.rod.load.supports === 0
            ? 'bracketRight'
            : 'bracketCentre',
        b.xMm,
        b.heightMm,
        b.wallId,
      ),
    ),
  }));
  const curtains = plans.windows.flatMap((w): FittingStep[] => [
    {
      kind: 'curtain',
      about: w.openingId,
      name: w.name,
      wallId: w.wallId,
      finishedMm: w.panelPlans.map((p) => p.finishedLengthMm),
      count: w.panels,
      marks: w.panelPlans.map((p) => {
        const on = p.drawnOn[0];
        return mark(
          p.side === 'right' ? 'hemRight' : 'hemLeft',
          on ? (on.fromXMm + on.toXMm) / 2 : p.fromMm,
          w.rodHeightMm - w.takeDownMm - p.finishedLengthMm,
          on?.wallId ?? w.wallId,
        );
      }),
    },
    ...(w.sheer
      ? [
          {
            kind: 'sheer' as const,
            about: w.openingId,
            name: w.name,
            wallId: w.wallId,
            finishedMm: w.sheer.panelPlans.map((p) => p.finishedLengthMm),
            count: w.sheer.panels,
            marks: [],
          },
        ]
      : []),
  ]);
  const pictures = plans.hangings.map((h): FittingStep => ({
    kind: 'picture',
    about: h.hangingId,
    name: h.name,
    wallId: h.wallId,
    finishedMm: [],
    count: h.nails.length,
    marks: [
      ...h.nails.map((n) => mark('nail', n.xMm, n.heightMm)),
      mark('frameTop', h.xMm, h.topMm),
      mark('frameCentre', h.xMm, h.centreMm),
    ],
  }));
  const seats = plans.seats
    .filter((s) => s.pillows.length > 0)
    .map((s): FittingStep => ({
      kind: 'seat',
      about: s.pieceId,
      name: s.name,
      wallId: plans.pieceWalls.get(s.pieceId) ?? '',
      marks: [],
      finishedMm: [],
      count: s.pillows.length,
    }));
  const steps = [...rods, ...curtains, ...pictures, ...seats];
  const inserts = insertNeeds(
    plans.seats.flatMap((s) =>
      s.pillows.flatMap((p) => (p.insert.insert ? [{ ...p.insert.insert, fill: p.fill }] : [])),
    ),
    [...items.values()],
  );
  const buy = buyLines(look, items, plans.windows, plans.seats, inserts, rules);
  const sheet = { levelLineMm, steps, buy, inserts, cost: totalCost(buy), cautions: [...cautions] };
  return { ...sheet, fingerprint: fingerprint(JSON.stringify([sheet.levelLineMm, steps, buy])) };
}

function buyLines(
  look: Look,
  items: ReadonlyMap<string, Item>,
  windows: readonly WindowPlan[],
  seats: readonly SeatPlan[],
  inserts: readonly InsertNeed[],
  rules: RuleBook,
): BuyLine[] {
  const line = (
    kind: BuyLine['kind'],
    name: string,
    count: number,
    size: { widthMm?: Mm; heightMm?: Mm } = {},
    cost: Money | null = null,
  ): BuyLine => ({
    kind,
    name,
    count,
    widthMm: size.widthMm ?? null,
    heightMm: size.heightMm ?? null,
    cost,
    need: count,
    have: 0,
  });
  const lines: BuyLine[] = [];
  const ownedPanels = new Map<string, Use>();
  const ofPanels = (cloth: Item, panels: number) => {
    const use = ownedPanels.get(cloth.id) ?? {
      itemId: cloth.id,
      name: cloth.name,
      kind: 'panelShort' as const,
      widthMm: cloth.widthMm,
      heightMm: cloth.heightMm,
      price: cloth.price,
      need: 0,
      have: cloth.count,
      setOf: cloth.setOf,
    };
    ownedPanels.set(cloth.id, { ...use, need: use.need + panels });
  };
  for (const w of windows) {
    const dressing = look.dressings.find((d) => d.id === w.dressingId)!;
    const cloth = items.get(dressing.itemId ?? '');
    const route = w.chosenRoute;
    const usesOwned =
      cloth?.kind === 'panel' &&
      (!route || (route.stockMm !== null && Math.abs(route.stockMm - cloth.heightMm) < 1));
    if (usesOwned && cloth) ofPanels(cloth, w.panels);
    else if (route?.made) {
      const lining = Math.round(
        (route.made.liningTotalMm / 1000) * rules.number('windows.liningPricePerMetre'),
      );
      lines.push(
        line(
          'cloth',
          w.name,
          route.made.widths,
          {
            widthMm: dressing.making.clothWidthMm ?? rules.number('windows.clothWidth'),
            heightMm: route.made.cutMm,
          },
          route.cost - lining,
        ),
      );
      if (lining > 0)
        lines.push(
          line('lining', w.name, route.made.liningWidths, { heightMm: route.made.liningCutMm }, lining),
        );
    } else
      lines.push(
        line(
          'panels',
          w.name,
          inSets(w.panels, rules.number('windows.panelsSoldIn')),
          { widthMm: w.flatWidthMm, heightMm: route?.stockMm ?? w.finishedLengthMm },
          route?.cost ?? null,
        ),
      );
    if (route && route.hems > 0)
      lines.push(
        line(
          'hems',
          w.name,
          route.hems,
          {},
          usesOwned ? route.hems * rules.number('windows.hemWorkPrice') : null,
        ),
      );
    if (w.sheer) {
      const voile = items.get(w.sheer.itemId ?? '');
      if (voile?.kind === 'panel') ofPanels(voile, w.sheer.panels);
      else
        lines.push(
          line(
            'panels',
            w.name,
            inSets(w.sheer.panels, rules.number('windows.panelsSoldIn')),
            { widthMm: w.sheer.flatWidthMm, heightMm: w.sheer.finishedLengthMm },
            null,
          ),
        );
    }
    const rods = w.rod.count;
    const price = (rule: RuleId, count: number): Money => Math.round(rules.number(rule) * count);
    lines.push(
      line(
        'rod',
        w.name,
        rods,
        { widthMm: w.bracketToBracketMm },
        price('windows.rodPricePerMetre', (rods * w.bracketToBracketMm) / 1000),
      ),
    );
    if (w.brackets > 0)
      lines.push(line('brackets', w.name, w.brackets, {}, price('windows.bracketPrice', w.brackets)));
    if (w.finials > 0)
      lines.push(line('finials', w.name, w.finials, {}, price('windows.finialPrice', w.finials)));
    if (w.rings > 0) lines.push(line('rings', w.name, w.rings, {}, price('windows.ringPrice', w.rings)));
    if (w.hooks > 0) lines.push(line('hooks', w.name, w.hooks, {}, price('windows.hookPrice', w.hooks)));
  }
  const covers = new Map<string, Use>();
  for (const p of seats.flatMap((s) => s.pillows)) {
    const item = items.get(p.itemId)!;
    const use = covers.get(item.id) ?? {
      itemId: item.id,
      name: item.name,
      kind: 'cover' as const,
      widthMm: item.widthMm,
      heightMm: item.heightMm,
      price: item.price,
      need: 0,
      have: item.count,
      setOf: item.setOf,
    };
    covers.set(item.id, { ...use, need: use.need + 1 });
  }
  // pieces on the walls that there are too few of, planned ones among them
  const hung = new Map<string, Use>();
  for (const h of look.hangings)
    for (const id of [h.itemId, h.print?.itemId]) {
      const item = items.get(id ?? '');
      if (!item) continue;
      const use = hung.get(item.id) ?? {
        itemId: item.id,
        name: item.name,
        kind: 'piece' as const,
        widthMm: item.widthMm,
        heightMm: item.heightMm,
        price: item.price,
        need: 0,
        have: item.count,
        setOf: item.setOf,
      };
      hung.set(item.id, { ...use, need: use.need + 1 });
    }
  return [
    ...lines,
    ...shortLines([...ownedPanels.values(), ...covers.values(), ...hung.values()]),
    ...inserts
      .filter((i) => i.buy > 0)
      .map((i): BuyLine => ({
        kind: 'insert',
        name: i.fill,
        count: i.buy,
        widthMm: i.widthMm,
        heightMm: i.heightMm,
        cost: null,
        need: i.need,
        have: i.have,
      })),
  ];
}

/** Short fingerprint of a text (FNV-1a, 32 bit), to tell whether a sheet is still the one that was taken along. */
export function fingerprint(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return (hash >>> 0).toString(16).padStart(8, '0');
}
