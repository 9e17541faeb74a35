import { apart, type Point } from '../geometry/plane';
import type { Mm } from '../base/units';
import type { Finding, FindingCode, FindingFacts, Level } from '../model/finding';
import type { Item, Look, RoomFile } from '../model/types';
import { lowestOver, overheadOf, underCrown } from '../room/ceiling';
import { isGlazed, isLamp, sits } from '../room/kinds';
import type { OnWall } from '../room/place';
import { glintIn, patchesIn, showsBox, type Glass, type Patch, type Place3 } from '../room/reflect';
import { pointOnWall, type Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';
import { planGroup, type GroupPlan } from '../stages/walls/planGroup';
import { planHanging, type HangingPlan } from '../stages/walls/planHanging';
import { planMat, planPixels, type MatPlan, type PixelPlan } from '../stages/walls/prints';
import { hangingPlaceOf, NEAR_WALL } from './hangingPlace';
import { judgeMirrors } from './mirrorPlaces';

/** What a glass shows from a standpoint: parts of the walls, and what is on them. */
export type Sight = {
  hangingId: string;
  fromId: string;
  fromName: string;
  eye: Place3;
  patches: Patch[];
  shows: { id: string; name: string; kind: 'window' | 'tv' | 'door' | 'picture' | 'lamp' }[];
};
export type PrintPlan = { hangingId: string; mat: MatPlan; pixels: PixelPlan | null };
export type Shelf = {
  fittingId: string;
  loadG: number;
  brackets: number;
  perBracketG: number;
  overTank: { name: string; byTankMm: Mm; byFloorMm: Mm } | null;
};
export type WallPlans = {
  groups: GroupPlan[];
  hangings: HangingPlan[];
  sights: Sight[];
  prints: PrintPlan[];
  shelves: Shelf[];
  findings: Finding[];
};

/** A seat's eye is this far over the seat. */
const EYE_OVER_SEAT: Mm = 720;
/** A lamp shines from this share of its height. */
const LAMP_AT = 0.86;

/** All that hangs on the walls: single pieces, groups, what glass shows, prints in their frames, shelves and screens. */
export function planWalls(
  file: RoomFile,
  look: Look,
  items: ReadonlyMap<string, Item>,
  walls: readonly Wall[],
  places: ReadonlyMap<string, OnWall>,
  rules: RuleBook,
): WallPlans {
  const onWall = new Set(walls.map((w) => w.id));
  const members = (groupId: string) =>
    look.hangings.flatMap((hanging) => {
      const item = items.get(hanging.itemId);
      return hanging.groupId === groupId && item && onWall.has(hanging.wallId) ? [{ hanging, item }] : [];
    });
  const groups = look.groups
    .filter((g) => onWall.has(g.wallId))
    .map((g) => {
      const of = members(g.id);
      const axisOf = (): { name: string; xMm: Mm; widthMm: Mm; centreMm: Mm } | null => {
        const f = file.fittings.find((x) => x.id === g.axisId && x.wallId === g.wallId);
        if (f)
          return {
            name: f.name,
            xMm: f.xMm + f.widthMm / 2,
            widthMm: f.widthMm,
            centreMm: f.bottomMm + f.heightMm / 2,
          };
        const p = file.pieces.find((x) => x.id === g.axisId);
        const on = p && places.get(p.id);
        return p && on?.wallId === g.wallId
          ? {
              name: p.name,
              xMm: on.xMm + on.widthMm / 2,
              widthMm: on.widthMm,
              centreMm: rules.number('walls.centre'),
            }
          : null;
      };
      const stair = file.fittings.find((f) => f.kind === 'stairs' && f.wallId === g.wallId);
      const place = hangingPlaceOf(
        { wallId: g.wallId, overPieceId: g.overPieceId, xMm: g.xMm },
        0,
        file,
        walls,
        places,
        rules,
      );
      const edge = underCrown(
        file.room,
        overheadOf(
          file.room,
          walls.find((w) => w.id === g.wallId)!,
          walls,
        ),
      );
      return planGroup(
        g,
        of,
        {
          place,
          overhead: (fromMm, toMm) => lowestOver(edge, fromMm, toMm),
          axis: axisOf(),
          stairPitchDeg: stair
            ? (Math.atan2(stair.heightMm, stair.widthMm) * 180 * (stair.rises === 'right' ? 1 : -1)) / Math.PI
            : null,
        },
        rules,
      );
    });
  const inGroups = new Map(groups.flatMap((g) => [...g.members]));
  const hangings = look.hangings.flatMap((h) => {
    const item = items.get(h.itemId);
    const within = inGroups.get(h.id) ?? null;
    return item && onWall.has(h.wallId)
      ? [
          planHanging(
            h,
            item,
            hangingPlaceOf({ ...h, xMm: within?.xMm ?? h.xMm }, item.widthMm, file, walls, places, rules),
            rules,
            within,
          ),
        ]
      : [];
  });
  const findings: Finding[] = groups.flatMap((g) => g.findings);
  const find = (code: FindingCode, level: Level, about: readonly string[], by: FindingFacts, rule?: RuleId) =>
    findings.push({ code, level, stage: 'walls', about, by, ...(rule ? { rule } : {}) });

  const sights = glassSights();
  findings.push(...judgeMirrors(file, hangings, groups, items, walls, places, rules));
  const prints = framedPrints();
  const shelves = shelvesAndScreens();
  return { groups, hangings, sights, prints, shelves, findings };

  function glassSights(): Sight[] {
    const glazed = hangings.filter((h) => {
      const item = items.get(h.itemId)!;
      return item.glazed || item.kind === 'mirror';
    });
    if (glazed.length === 0) return [];
    const stands = file.room.standpoints.map((s) => ({
      id: s.id,
      name: s.name,
      eye: { xMm: s.xMm, yMm: s.yMm, zMm: s.eyeMm },
    }));
    // where nobody has marked a place to look from, the seats are it
    const [from, by] =
      stands.length > 0
        ? [stands, 'stand']
        : [
            file.pieces
              .filter(sits)
              .slice(0, 3)
              .map((p) => ({
                id: p.id,
                name: p.name,
                eye: { xMm: p.xMm, yMm: p.yMm, zMm: (p.seat?.heightMm ?? 450) + EYE_OVER_SEAT },
              })),
            'piece',
          ];
    const lamps = file.pieces
      .filter(isLamp)
      .map((p) => ({
        id: p.id,
        name: p.name,
        at: { xMm: p.xMm, yMm: p.yMm, zMm: p.bottomMm + p.heightMm * LAMP_AT },
      }));
    return glazed.flatMap((h) =>
      from.flatMap(({ id, name, eye }): Sight[] => {
        const glass: Glass = {
          wallId: h.wallId,
          xMm: h.xMm,
          widthMm: h.widthMm,
          bottomMm: h.bottomMm,
          topMm: h.topMm,
        };
        const patches = patchesIn(glass, eye, walls);
        if (patches.length === 0) return [];
        const mirror = items.get(h.itemId)!.kind === 'mirror';
        const seen = (
          test: (
            wallId: string,
          ) => {
            id: string;
            name: string;
            kind: Sight['shows'][number]['kind'];
            box: { xMm: Mm; yMm: Mm; widthMm: Mm; heightMm: Mm };
          }[],
        ) =>
          patches.flatMap((p) =>
            test(p.wallId)
              .filter((x) => showsBox(p, x.box))
              .map(({ id: of, name: n, kind }) => ({ id: of, name: n, kind })),
          );
        const shows = [
          ...seen((w) =>
            file.openings
              .filter((o) => o.wallId === w && o.kind !== 'arch')
              .map((o) => ({
                id: o.id,
                name: o.name,
                kind: isGlazed(o) ? ('window' as const) : ('door' as const),
                box: { xMm: o.xMm, yMm: o.sillMm, widthMm: o.widthMm, heightMm: o.heightMm },
              })),
          ),
          ...seen((w) =>
            file.fittings
              .filter((f) => f.wallId === w && f.kind === 'tv')
              .map((f) => ({
                id: f.id,
                name: f.name,
                kind: 'tv' as const,
                box: { xMm: f.xMm, yMm: f.bottomMm, widthMm: f.widthMm, heightMm: f.heightMm },
              })),
          ),
          ...seen((w) =>
            hangings
              .filter((x) => x.wallId === w)
              .map((x) => ({
                id: x.hangingId,
                name: x.name,
                kind: 'picture' as const,
                box: {
                  xMm: x.xMm - x.widthMm / 2,
                  yMm: x.bottomMm,
                  widthMm: x.widthMm,
                  heightMm: x.heightMm,
                },
              })),
          ),
          ...lamps
            .filter((l) => glintIn(glass, eye, l.at, walls))
            .map((l) => ({ id: l.id, name: l.name, kind: 'lamp' as const })),
        ];
        const unique = [...new Map(shows.map((s) => [s.id, s])).values()];
        const bright = unique.filter((s) => s.kind === 'window' || s.kind === 'lamp');
        if (mirror) {
          if (unique.length > 0)
            find('mirror-shows', 'ok', [h.hangingId], {
              piece: h.name,
              from: name,
              by,
              names: unique.map((s) => s.name).join(', '),
            });
        } else if (bright.length > 0)
          find('glare', 'yielded', [h.hangingId], {
            piece: h.name,
            from: name,
            by,
            names: bright.map((s) => s.name).join(', '),
          });
        return [{ hangingId: h.hangingId, fromId: id, fromName: name, eye, patches, shows: unique }];
      }),
    );
  }

  function framedPrints(): PrintPlan[] {
    return look.hangings.flatMap((h): PrintPlan[] => {
      const frame = items.get(h.itemId);
      if (!h.print || !frame) return [];
      const sheet = { widthMm: h.print.sheetWidthMm, heightMm: h.print.sheetHeightMm };
      const mat = planMat(sheet, frame, rules);
      const dpi = rules.number('walls.dpiRoom');
      const pixels =
        h.print.pxWide !== null && h.print.pxHigh !== null
          ? planPixels(sheet, { pxWide: h.print.pxWide, pxHigh: h.print.pxHigh }, dpi)
          : null;
      if (!mat.fits)
        find('print-too-large', 'stop', [h.id], {
          piece: frame.name,
          widthMm: sheet.widthMm,
          heightMm: sheet.heightMm,
        });
      if (pixels)
        find(
          pixels.enough ? 'print-pixels-good' : 'print-pixels-short',
          pixels.enough ? 'ok' : 'caution',
          [h.id],
          {
            piece: frame.name,
            dpi: Math.floor(pixels.dpi),
            want: dpi,
            needWide: pixels.needWide,
            needHigh: pixels.needHigh,
            widthMm: pixels.largestWidthMm,
            heightMm: pixels.largestHeightMm,
          },
          'walls.dpiRoom',
        );
      if (
        frame.glazed &&
        sights.some(
          (s) => s.hangingId === h.id && s.shows.some((x) => x.kind === 'window' || x.kind === 'lamp'),
        )
      )
        find('print-matte', 'yielded', [h.id], { piece: frame.name });
      return [{ hangingId: h.id, mat, pixels }];
    });
  }

  /** What stands under a screen, on furniture or a mantel, and reaches up before it. */
  function belowScreen(tv: RoomFile['fittings'][number]): void {
    const most = tv.bottomMm - rules.number('walls.belowScreen');
    for (const l of look.placements) {
      const item = items.get(l.itemId);
      const p = file.pieces.find((x) => x.id === l.pieceId);
      const on = p && places.get(p.id);
      const f = file.fittings.find((x) => x.id === l.pieceId && x.wallId === tv.wallId && x.mantel);
      const top =
        p && on && on.wallId === tv.wallId && on.nearMm < NEAR_WALL
          ? { leftMm: on.xMm, mm: p.bottomMm + p.heightMm }
          : f?.mantel
            ? { leftMm: f.xMm + (f.widthMm - f.mantel.widthMm) / 2, mm: f.mantel.topMm }
            : null;
      if (!item || !top || l.as !== 'object' || top.mm > tv.bottomMm + 1) continue;
      const [left, right] = [top.leftMm + l.xMm - item.widthMm / 2, top.leftMm + l.xMm + item.widthMm / 2];
      const upMm = top.mm + item.heightMm - most;
      if (upMm > 1 && Math.min(right, tv.xMm + tv.widthMm) - Math.max(left, tv.xMm) > 1)
        find(
          'before-screen',
          'caution',
          [l.id, tv.id],
          { piece: item.name, other: tv.name, byMm: upMm, mostMm: Math.max(0, most - top.mm) },
          'walls.belowScreen',
        );
    }
  }

  function shelvesAndScreens(): Shelf[] {
    const spotOf = (f: RoomFile['fittings'][number]): Point =>
      pointOnWall(
        walls.find((w) => w.id === f.wallId)!,
        f.xMm + f.widthMm / 2,
      );
    for (const tv of file.fittings.filter((f) => f.kind === 'tv' && onWall.has(f.wallId))) {
      belowScreen(tv);
      const at = spotOf(tv);
      const seats = [
        ...file.room.standpoints
          .filter((s) => s.kind === 'seat')
          .map((s) => ({ name: s.name, by: 'stand', at: s as Point, eyeMm: s.eyeMm })),
        ...file.pieces
          .filter((p) => sits(p) && p.kind !== 'ottoman')
          .map((p) => ({
            name: p.name,
            by: 'piece',
            at: p as Point,
            eyeMm: rules.number('walls.seatedEye'),
          })),
      ];
      const seat = seats
        .map((s) => ({ ...s, farMm: apart([s.at, s.at], [at, at]).mm }))
        .filter((s) => s.farMm > 600)
        .sort((a, b) => a.farMm - b.farMm)[0];
      if (!seat) continue;
      const centreMm = tv.bottomMm + tv.heightMm / 2;
      const deg = (Math.atan2(centreMm - seat.eyeMm, seat.farMm) * 180) / Math.PI;
      const most = rules.number('walls.neck');
      find(
        deg > most ? 'tv-too-high' : 'tv-height-good',
        deg > most ? 'caution' : 'ok',
        [tv.id],
        {
          piece: tv.name,
          seat: seat.name,
          by: seat.by,
          deg: Math.round(Math.max(0, deg)),
          most,
          centreMm,
          eyeMm: seat.eyeMm,
          wantMm: seat.eyeMm + Math.tan((most * Math.PI) / 180) * seat.farMm,
        },
        'walls.neck',
      );
    }
    const shelves = file.fittings.filter((f) => f.kind === 'shelf' && onWall.has(f.wallId));
    const over = (a: { xMm: Mm; widthMm: Mm }, b: { xMm: Mm; widthMm: Mm }) =>
      Math.min(a.xMm + a.widthMm, b.xMm + b.widthMm) - Math.max(a.xMm, b.xMm) > 20;
    return shelves.map((shelf): Shelf => {
      const below = shelves
        .filter(
          (s) =>
            s.id !== shelf.id && s.wallId === shelf.wallId && over(s, shelf) && s.bottomMm < shelf.bottomMm,
        )
        .sort((a, b) => b.bottomMm - a.bottomMm)[0];
      const tank = file.fittings.find(
        (f) => f.kind === 'toilet' && f.wallId === shelf.wallId && over(f, shelf),
      );
      const topMm = shelf.bottomMm + shelf.heightMm;
      let overTank: Shelf['overTank'] = null;
      if (tank && !below) {
        const [byTankMm, byFloorMm] = [
          tank.bottomMm + tank.heightMm + rules.number('walls.overTank'),
          rules.number('walls.overTankFloor'),
        ];
        overTank = { name: tank.name, byTankMm, byFloorMm };
        const off = topMm - byTankMm;
        find(
          off < -5 ? 'shelf-over-tank-off' : 'shelf-over-tank',
          off < -5
            ? 'caution'
            : Math.abs(byTankMm - byFloorMm) > rules.number('walls.schoolsPart')
              ? 'yielded'
              : 'ok',
          [shelf.id],
          {
            piece: shelf.name,
            tank: tank.name,
            topMm,
            tankByMm: byTankMm,
            floorMm: byFloorMm,
            byMm: Math.abs(off),
            part: Math.abs(byTankMm - byFloorMm) > rules.number('walls.schoolsPart') ? 'yes' : 'no',
          },
          'walls.overTank',
        );
      }
      if (below) {
        const stepMm = shelf.bottomMm - (below.bottomMm + below.heightMm);
        const [low, high] = rules.range('walls.shelfApartRange');
        if (stepMm < low - 1 || stepMm > high + 1)
          find(
            'shelf-step-off',
            'yielded',
            [shelf.id],
            {
              piece: shelf.name,
              other: below.name,
              byMm: stepMm,
              wantMm: low,
              wantToMm: high,
              direction: stepMm < low ? 'near' : 'far',
            },
            'walls.shelfApart',
          );
      }
      const loadG = (rules.number('walls.shelfLoad') * shelf.widthMm) / 1000;
      const brackets = Math.max(
        2,
        1 + Math.ceil(shelf.widthMm / rules.number('walls.shelfBracketApart') - 1e-9),
      );
      return { fittingId: shelf.id, loadG, brackets, perBracketG: loadG / (brackets - 1), overTank };
    });
  }
}
