import { inches, type Mm } from '../base/units';
import type { Box } from '../geometry/plane';
import type { Dressing, Item, Look, Piece, RoomFile, Swatch } from '../model/types';
import { overheadOf } from '../room/ceiling';
import { placeOnWall, type OnWall } from '../room/place';
import { PLAIN, type Elevation, type Form, type Shape } from '../room/shape';
import { isGlazed } from '../room/kinds';
import type { Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import type { HangingPlan } from '../stages/walls/planHanging';
import { leafGlass } from '../stages/windows/leaf';
import type { PanelPlan, WindowPlan } from '../stages/windows/windowPlan';
import type { SeatPlan } from '../stages/seats/planSeat';

/** Depth at which a curtain hangs, for what hides what; its return in the drawing. */
const CURTAIN_DEPTH: Mm = 90;
const SKIRTING: Mm = inches(5);

const box = (xMm: Mm, yMm: Mm, widthMm: Mm, heightMm: Mm): Box => ({ xMm, yMm, widthMm, heightMm });
const second = (colours: readonly Swatch[]): Swatch[] => [{ ...(colours[1] ?? colours[0]!), share: 1 }];
const first = (colours: readonly Swatch[]): Swatch[] => [{ ...colours[0]!, share: 1 }];

/** Unrolls every wall of the room with all that stands and hangs on it, back to front. */
export function sceneOf(
  file: RoomFile,
  look: Look,
  walls: readonly Wall[],
  plans: { windows: readonly WindowPlan[]; hangings: readonly HangingPlan[]; seats: readonly SeatPlan[] },
  places: ReadonlyMap<string, OnWall>,
  rules: RuleBook,
): Elevation[] {
  const items = new Map(file.items.map((i) => [i.id, i]));
  // a print shows its own colours in whatever frame it is
  const inFrame = (hangingId: string): Item | undefined => {
    const print = look.hangings.find((h) => h.id === hangingId)?.print;
    return print?.itemId ? items.get(print.itemId) : undefined;
  };
  return walls.map((wall) => {
    const shell = shellOf(file, wall, walls);
    const standing = [
      ...file.openings.filter((o) => o.wallId === wall.id).flatMap((o) => openingShapes(o, file, rules)),
      ...file.fittings.filter((f) => f.wallId === wall.id).flatMap((f) => fittingShapes(f, look, items)),
      ...plans.hangings
        .filter((h) => h.wallId === wall.id)
        .map((h) =>
          shape(
            h.hangingId,
            h.name,
            'picture',
            box(h.xMm - h.widthMm / 2, h.bottomMm, h.widthMm, h.heightMm),
            20,
            (inFrame(h.hangingId) ?? items.get(h.itemId)!).colours,
            {
              pattern: (inFrame(h.hangingId) ?? items.get(h.itemId)!).pattern,
              ...(items.get(h.itemId)!.kind === 'mirror' ? { heading: 'mirror' as const } : {}),
            },
          ),
        ),
      ...plans.windows.flatMap((w) => curtainShapes(w, wall.id, wall.lengthMm, look, items)),
      ...file.pieces
        .filter((p) => p.kind !== 'rug' && places.get(p.id)?.wallId === wall.id)
        .flatMap((p) =>
          pieceShapes(
            p,
            places.get(p.id)!,
            look,
            items,
            plans.seats.find((s) => s.pieceId === p.id),
          ),
        ),
    ];
    const shapes = [
      ...shell,
      ...standing
        .map((s, order) => ({ s, order }))
        .sort((a, b) => a.s.depthMm - b.s.depthMm || a.order - b.order)
        .map(({ s }) => s),
    ];
    return {
      wallId: wall.id,
      lengthMm: wall.lengthMm,
      ceilingMm: file.room.ceilingMm,
      edge: overheadOf(file.room, wall, walls),
      shapes,
    };
  });
}

export const placesOf = (file: RoomFile, walls: readonly Wall[]): Map<string, OnWall> =>
  new Map(file.pieces.map((p) => [p.id, placeOnWall(p, walls)]));

type More = Partial<
  Pick<
    Shape,
    'pattern' | 'soft' | 'fixed' | 'folds' | 'heading' | 'rodMm' | 'rises' | 'seeThrough' | 'finials'
  >
> & { part?: string };
function shape(
  about: string,
  name: string,
  form: Form,
  at: Box,
  depthMm: Mm,
  colours: readonly Swatch[],
  more: More = {},
): Shape {
  const { part, ...rest } = more;
  return {
    key: part ? `${about}:${part}` : about,
    about,
    name,
    form,
    box: at,
    depthMm,
    colours,
    pattern: PLAIN,
    soft: false,
    fixed: false,
    ...rest,
  };
}

function shellOf(file: RoomFile, wall: Wall, walls: readonly Wall[]): Shape[] {
  const { room } = file;
  const doors = file.openings
    .filter((o) => o.wallId === wall.id && o.sillMm < SKIRTING)
    .map((o) => [o.xMm - o.trimMm, o.xMm + o.widthMm + o.trimMm] as const)
    .sort((a, b) => a[0] - b[0]);
  const runs: [Mm, Mm][] = [];
  let at = 0;
  for (const [from, to] of [...doors, [wall.lengthMm, wall.lengthMm] as const]) {
    if (from > at) runs.push([at, from]);
    at = Math.max(at, to);
  }
  const skirting = Math.min(SKIRTING, room.ceilingMm / 10);
  // along the level ceiling only: from level point to level point of the edge
  const edge = overheadOf(room, wall, walls);
  const level = (p: { heightMm: Mm }) => p.heightMm > room.ceilingMm - 1;
  const crowns =
    room.crownMm > 0
      ? edge.slice(1).flatMap((b, i) => {
          const a = edge[i]!;
          return level(a) && level(b) && b.xMm - a.xMm > 1 ? [[a.xMm, b.xMm] as const] : [];
        })
      : [];
  return [
    shape('wall', '', 'wall', box(0, 0, wall.lengthMm, room.ceilingMm), -2, room.wallFinish.colours, {
      pattern: room.wallFinish.pattern,
      fixed: true,
    }),
    ...runs.map(([from, to], i) =>
      shape('trim', '', 'skirting', box(from, 0, to - from, skirting), -1, room.trimFinish.colours, {
        fixed: true,
        part: `skirting${i}`,
      }),
    ),
    ...crowns.map(([from, to], i) =>
      shape(
        'trim',
        '',
        'skirting',
        box(from, room.ceilingMm - room.crownMm, to - from, room.crownMm),
        -1,
        room.trimFinish.colours,
        { fixed: true, part: `crown${i}` },
      ),
    ),
  ];
}

function openingShapes(o: RoomFile['openings'][number], file: RoomFile, rules: RuleBook): Shape[] {
  const frame = shape(
    o.id,
    o.name,
    isGlazed(o) ? 'frame' : o.kind === 'door' ? 'door' : 'pane',
    box(
      o.xMm - o.trimMm,
      Math.max(0, o.sillMm - (o.sillMm > 0 ? o.trimMm : 0)),
      o.widthMm + 2 * o.trimMm,
      o.heightMm + o.trimMm + (o.sillMm > 0 ? Math.min(o.trimMm, o.sillMm) : 0),
    ),
    0,
    o.kind === 'arch' ? [] : file.room.trimFinish.colours,
    { fixed: true },
  );
  if (!isGlazed(o)) return [frame];
  if (o.kind === 'frenchDoor') {
    const glass = leafGlass(o, rules);
    const each = o.widthMm / glass.length;
    return [
      frame,
      ...glass.flatMap((g, i) => [
        shape(
          o.id,
          o.name,
          'door',
          box(o.xMm + i * each, o.sillMm, each, o.heightMm),
          0.5,
          file.room.trimFinish.colours,
          { fixed: true, part: `leaf${i}` },
        ),
        shape(o.id, o.name, 'pane', g, 1, [], { fixed: true, part: `leaf${i}glass` }),
      ]),
    ];
  }
  return [
    frame,
    shape(o.id, o.name, 'pane', box(o.xMm, o.sillMm, o.widthMm, o.heightMm), 1, [], {
      fixed: true,
      part: 'glass',
    }),
  ];
}

const IRON: readonly Swatch[] = [{ l: 22, a: 0, b: 1, share: 1 }];
const OAK: readonly Swatch[] = [{ l: 55, a: 9, b: 24, share: 1 }];

/** Cloth that lets this much through is seen through. */
const SEEN_THROUGH = 0.4;

/** What of a dressed window hangs before one wall: rod, curtain with its heading, and the sheer on the inner rod behind it. */
function curtainShapes(
  w: WindowPlan,
  wallId: string,
  wallLengthMm: Mm,
  look: Look,
  items: ReadonlyMap<string, Item>,
): Shape[] {
  const dressing = look.dressings.find((d) => d.id === w.dressingId)!;
  const rodOn = w.rodOn.find((r) => r.wallId === wallId);
  if (!rodOn) return [];
  const [firstWall, lastWall] = [w.rodOn[0]!.wallId, w.rodOn[w.rodOn.length - 1]!.wallId];
  const cloth = dressing.itemId ? items.get(dressing.itemId) : undefined;
  const name = cloth?.name ?? w.name;
  const inside = w.mount === 'inside' || w.mount === 'cafe' || w.mount === 'leaf' || w.shower;
  // finials stand past the last bracket; a rod in a reveal, or one that turns a corner, has none there
  const past = inside ? 0 : w.finials > 0 ? 40 : 8;
  // a bent rod is seen up to the corner that it turns
  const rodFrom = wallId === firstWall ? rodOn.fromXMm - past : Math.min(0, rodOn.fromXMm);
  const rodTo = wallId === lastWall ? rodOn.toXMm + past : Math.max(wallLengthMm, rodOn.toXMm);
  const ends = [wallId === firstWall ? 'left' : '', wallId === lastWall ? 'right' : ''].join('');
  const thick = w.rod.section.outerMm;
  const depth = w.shower ? 700 : inside || w.leaves ? 12 : CURTAIN_DEPTH;
  const rodShape = (heightMm: Mm, at: Mm, part: string, from = rodFrom, to = rodTo) =>
    shape(
      w.dressingId,
      name,
      'rod',
      box(from, heightMm - thick / 2, to - from, thick),
      at,
      dressing.rod.make === 'wood' ? OAK : IRON,
      {
        part,
        heading: dressing.rod.make,
        ...(past > 8 ? { finials: ends as 'left' | 'right' | 'leftright' | '' } : {}),
      },
    );
  const panels = (
    plans: readonly PanelPlan[],
    topMm: Mm,
    drawn: 'open' | 'closed',
    item: Item | undefined,
    heading: Dressing['heading'],
    rodMm: Mm,
    at: Mm,
    part: string,
    pass: number,
  ) =>
    plans.flatMap((p) =>
      (drawn === 'closed' ? p.drawnOn : p.openOn)
        .filter((o) => o.wallId === wallId)
        .map((o) => {
          // cloth that goes on round the corner is seen up to it
          const [left, right] = [
            wallId !== firstWall && o.fromXMm < rodOn.fromXMm + 1 ? Math.min(0, o.fromXMm) : o.fromXMm,
            wallId !== lastWall && o.toXMm > rodOn.toXMm - 1 ? Math.max(wallLengthMm, o.toXMm) : o.toXMm,
          ];
          const whole = drawn === 'closed' ? p.toMm - p.fromMm : p.stackToMm - p.stackFromMm;
          const folds = Math.max(1, Math.round(p.folds * ((o.toXMm - o.fromXMm) / whole)));
          return shape(
            w.dressingId,
            item?.name ?? name,
            'curtain',
            box(left, p.bottomMm, right - left, Math.max(1, topMm - p.bottomMm)),
            at,
            item?.colours ?? [],
            {
              pattern: item?.pattern ?? PLAIN,
              soft: true,
              folds,
              part: `${part}${p.number}`,
              heading,
              rodMm: rodMm - topMm,
              ...(pass >= SEEN_THROUGH ? { seeThrough: pass } : {}),
            },
          );
        }),
    );
  const top = w.rodHeightMm - w.takeDownMm;
  const { sheer } = w;
  return [
    ...(sheer && dressing.sheer
      ? [
          rodShape(sheer.rodHeightMm, depth - 28, 'innerRod'),
          ...panels(
            sheer.panelPlans,
            sheer.rodHeightMm - sheer.takeDownMm,
            dressing.sheer.drawn,
            items.get(dressing.sheer.itemId ?? ''),
            sheer.heading,
            sheer.rodHeightMm,
            depth - 30,
            'sheer',
            w.passes.sheer,
          ),
        ]
      : []),
    ...panels(
      w.panelPlans,
      top,
      dressing.drawn,
      cloth,
      dressing.heading,
      w.rodHeightMm,
      depth,
      'panel',
      w.passes.main,
    ),
    ...(w.leaves
      ? w.leaves.flatMap((l, i) => [
          rodShape(w.rodHeightMm, depth + 1, i === 0 ? 'rod' : `rod${i}`, l.fromMm, l.toMm),
          ...(w.lowerRodMm === null
            ? []
            : [rodShape(w.lowerRodMm, depth + 1, `lowerRod${i}`, l.fromMm, l.toMm)]),
        ])
      : [rodShape(w.rodHeightMm, depth + 1, 'rod')]),
  ];
}

const FITTING_FORMS: Partial<Record<RoomFile['fittings'][number]['kind'], Form>> = {
  radiator: 'radiator',
  stove: 'fire',
  heater: 'fire',
  fireplace: 'fire',
  stairs: 'stairs',
  socket: 'socket',
  switch: 'socket',
};

function fittingShapes(
  f: RoomFile['fittings'][number],
  look: Look,
  items: ReadonlyMap<string, Item>,
): Shape[] {
  const body = shape(
    f.id,
    f.name,
    FITTING_FORMS[f.kind] ?? 'box',
    box(f.xMm, f.bottomMm, f.widthMm, f.heightMm),
    f.depthMm / 2,
    f.colours,
    { fixed: true, ...(f.kind === 'stairs' ? { rises: f.rises } : {}) },
  );
  if (!f.mantel) return [body];
  const { widthMm, depthMm, topMm } = f.mantel;
  const left = f.xMm + f.widthMm / 2 - widthMm / 2;
  const thick = Math.min(60, topMm / 4);
  const placed = look.placements
    .filter((l) => l.pieceId === f.id)
    .flatMap((l): Shape[] => {
      const item = items.get(l.itemId);
      return item ? [objectShape(l, item, left + l.xMm, topMm, depthMm / 2 + 4)] : [];
    });
  return [
    body,
    shape(f.id, f.name, 'box', box(left, topMm - thick, widthMm, thick), depthMm / 2 + 1, second(f.colours), {
      fixed: true,
      part: 'mantel',
    }),
    ...placed,
  ];
}

const objectShape = (
  placed: Look['placements'][number],
  item: Item,
  xMm: Mm,
  topMm: Mm,
  depthMm: Mm,
): Shape =>
  shape(
    placed.id,
    item.name,
    item.kind === 'plant'
      ? 'foliage'
      : item.kind === 'art' || item.kind === 'frame' || item.kind === 'mirror'
        ? 'picture'
        : item.kind === 'book' || item.kind === 'tray' || item.kind === 'basket'
          ? 'box'
          : 'vase',
    box(xMm - item.widthMm / 2, topMm, item.widthMm, item.heightMm),
    depthMm + placed.layer,
    item.colours,
    { pattern: item.pattern },
  );

function pieceShapes(
  p: Piece,
  on: OnWall,
  look: Look,
  items: ReadonlyMap<string, Item>,
  seat: SeatPlan | undefined,
): Shape[] {
  const at = p.bottomMm > 0 ? on.depthMm + 5 : on.depthMm;
  const part = (name: string, form: Form, b: Box, colours: readonly Swatch[], more: More = {}, step = 0) =>
    shape(p.id, p.name, form, b, at + step, colours, { fixed: true, part: name, ...more });
  const cloth: More = { pattern: p.pattern, soft: true };
  const x = on.xMm;
  const w = on.widthMm;
  const y = p.bottomMm;
  const shapes: Shape[] = [];
  switch (p.kind) {
    case 'sofa':
    case 'armchair':
    case 'wingChair':
    case 'windowSeat':
    case 'bench':
    case 'ottoman': {
      const s = p.seat ?? {
        widthMm: w,
        heightMm: p.heightMm,
        depthMm: p.depthMm,
        seats: 1,
        wantedSitters: 0,
        armHeightMm: 0,
        looseCushions: 0,
      };
      const arm = Math.max(0, (w - Math.min(s.widthMm, w)) / 2);
      const legs = p.kind === 'windowSeat' ? 0 : Math.min(inches(5), s.heightMm * 0.28);
      const back = p.heightMm > s.heightMm + 20;
      if (legs > 0)
        shapes.push(
          part('legL', 'leg', box(x + arm * 0.6 + 20, 0, 45, legs), second(p.colours)),
          part('legR', 'leg', box(x + w - arm * 0.6 - 65, 0, 45, legs), second(p.colours)),
        );
      if (back)
        shapes.push(
          part(
            'back',
            'cushion',
            box(x + arm * 0.7, s.heightMm - 20, w - arm * 1.4, p.heightMm - s.heightMm + 20),
            first(p.colours),
            cloth,
          ),
        );
      shapes.push(
        part(
          'base',
          p.kind === 'bench' ? 'box' : 'cushion',
          box(x + arm * 0.7, legs, w - arm * 1.4, Math.max(30, s.heightMm * 0.62 - legs)),
          first(p.colours),
          cloth,
        ),
      );
      const each = (w - 2 * arm) / s.seats;
      for (let i = 0; i < s.seats; i++)
        shapes.push(
          part(
            `seat${i}`,
            'cushion',
            box(x + arm + i * each, s.heightMm * 0.62, each, s.heightMm * 0.38),
            first(p.colours),
            cloth,
          ),
        );
      if (arm > 20) {
        const high = Math.min(
          p.heightMm,
          s.armHeightMm > s.heightMm
            ? s.armHeightMm
            : p.kind === 'wingChair'
              ? p.heightMm
              : s.heightMm + inches(7),
        );
        shapes.push(
          part('armL', 'cushion', box(x, legs * 0.9, arm, high - legs * 0.9), first(p.colours), cloth, 3),
          part(
            'armR',
            'cushion',
            box(x + w - arm, legs * 0.9, arm, high - legs * 0.9),
            first(p.colours),
            cloth,
            3,
          ),
        );
      }
      break;
    }
    case 'lamp':
    case 'floorLamp':
    case 'tableLamp': {
      const shadeHigh = p.heightMm * (p.heightMm > 1000 ? 0.22 : 0.42);
      const narrow = p.heightMm > 1000 ? 0.12 : 0.42;
      shapes.push(
        part(
          'base',
          'lampBase',
          box(x + w * (0.5 - narrow / 2), y, w * narrow, p.heightMm - shadeHigh + 10),
          first(p.colours),
        ),
        part('shade', 'shade', box(x, y + p.heightMm - shadeHigh, w, shadeHigh), second(p.colours), {
          soft: true,
        }),
      );
      break;
    }
    case 'table':
    case 'coffeeTable':
    case 'sideTable':
    case 'diningTable':
    case 'desk':
    case 'console':
      shapes.push(
        part('legL', 'leg', box(x + 20, y, 45, p.heightMm - 40), second(p.colours)),
        part('legR', 'leg', box(x + w - 65, y, 45, p.heightMm - 40), second(p.colours)),
        part('top', 'box', box(x, y + p.heightMm - 45, w, 45), first(p.colours)),
      );
      break;
    case 'diningChair':
      shapes.push(
        part('legL', 'leg', box(x, y, 40, p.heightMm * 0.5), second(p.colours)),
        part('legR', 'leg', box(x + w - 40, y, 40, p.heightMm * 0.5), second(p.colours)),
        part('back', 'box', box(x, y + p.heightMm * 0.55, w, p.heightMm * 0.45), first(p.colours)),
        part('seat', 'box', box(x, y + p.heightMm * 0.47, w, 50), first(p.colours)),
      );
      break;
    case 'mirror':
      shapes.push(
        part('frame', 'box', box(x, y, w, p.heightMm), first(p.colours)),
        part('glass', 'pane', box(x + 40, y + 40, Math.max(1, w - 80), Math.max(1, p.heightMm - 80)), []),
      );
      break;
    case 'bed':
    case 'cot': {
      const mattress = p.bed?.mattressMm ?? p.seat?.heightMm ?? Math.min(p.heightMm, inches(24));
      const head = p.bed ? Math.max(p.bed.headboardMm, mattress) : p.heightMm;
      shapes.push(
        part('head', 'box', box(x, 0, w, head), second(p.colours)),
        part('mattress', 'cushion', box(x, inches(6), w, mattress - inches(6)), first(p.colours), cloth, 2),
      );
      break;
    }
    case 'plant':
      shapes.push(
        part('pot', 'vase', box(x + w * 0.25, y, w * 0.5, p.heightMm * 0.3), second(p.colours)),
        part('leaf', 'foliage', box(x, y + p.heightMm * 0.25, w, p.heightMm * 0.75), first(p.colours)),
      );
      break;
    case 'chest':
    case 'bedside':
    case 'bookcase':
      shapes.push(
        part('body', 'box', box(x, y, w, p.heightMm), p.colours, { pattern: p.pattern }),
        ...p.shelvesMm.map((s, i) =>
          part(`shelf${i}`, 'box', box(x + 15, s - 20, Math.max(1, w - 30), 20), second(p.colours), {}, 0.5),
        ),
      );
      break;
    case 'rug':
      break;
  }
  const front = at + 4;
  const seatLeft = x + (w - (p.seat?.widthMm ?? w)) / 2;
  const seatTop = p.seat?.heightMm ?? p.heightMm;
  for (const placed of look.placements.filter((l) => l.pieceId === p.id)) {
    const item = items.get(placed.itemId);
    if (!item) continue;
    if (placed.as === 'pillow') {
      const pillow = seat?.pillows.find((q) => q.placementId === placed.id);
      if (pillow)
        shapes.push(
          shape(
            placed.id,
            item.name,
            'pillow',
            box(
              seatLeft + pillow.xMm - pillow.useWidthMm / 2,
              seatTop,
              pillow.useWidthMm,
              pillow.useHeightMm,
            ),
            front + placed.layer,
            item.colours,
            { pattern: item.pattern, soft: true },
          ),
        );
    } else if (placed.as === 'throw') {
      const band = item.widthMm / 3;
      const drop = Math.min(p.heightMm * 0.62, item.heightMm / 3);
      shapes.push(
        shape(
          placed.id,
          item.name,
          'throw',
          box(x + placed.xMm - band / 2, p.heightMm - drop, band, drop + 15),
          front + placed.layer,
          item.colours,
          { pattern: item.pattern, soft: true },
        ),
      );
    } else {
      shapes.push(objectShape(placed, item, x + placed.xMm, y + p.heightMm, front));
    }
  }
  return shapes;
}
