import type { Finding } from '../../model/finding';
import { apart } from '../../geometry/plane';
import type { FramedPrint, Item, Look, RoomFile } from '../../model/types';
import { viewersOf } from '../../room/viewers';
import { pointOnWall, type Wall } from '../../room/walls';
import type { RuleBook } from '../../rules/book';
import type { HangingPlan } from '../../stages/walls/planHanging';
import { planMat, planPixels, type MatPlan, type PixelPlan } from '../../stages/walls/prints';
import { isBright, type SightsPlan } from './sights';

/** A print in its frame; `dpiBy` is the rule for how close one comes to it. */
export type PrintPlan = {
  hangingId: string;
  mat: MatPlan;
  pixels: PixelPlan | null;
  dpiBy: 'walls.dpiClose' | 'walls.dpiRoom';
};
export type PrintsPlan = { prints: PrintPlan[]; findings: Finding[] };

type Context = {
  look: Pick<Look, 'hangings'>;
  items: ReadonlyMap<string, Item>;
  file: Pick<RoomFile, 'room' | 'pieces'>;
  walls: readonly Wall[];
  hangings: readonly HangingPlan[];
  sights: SightsPlan;
  rules: RuleBook;
};

/** The prints that are in frames: mat, sheet and whether the picture has pixels enough. */
export function planFramedPrints(context: Context): PrintsPlan {
  const { look, items, sights, rules } = context;
  const prints: PrintPlan[] = [];
  const findings: Finding[] = [];
  for (const hanging of look.hangings) {
    const frame = items.get(hanging.itemId);
    if (!hanging.print || !frame) continue;
    const plan = planPrint(hanging.id, hanging.print, frame, { dpiBy: dpiRule(context, hanging.id), rules });
    prints.push(plan);
    findings.push(...judgePrint(plan, hanging.print, frame, rules));
    const glares = sights.sights.some((s) => s.hangingId === hanging.id && s.shows.some(isBright));
    if (frame.glazed && glares)
      findings.push({
        code: 'print-matte',
        level: 'yielded',
        stage: 'walls',
        about: [hanging.id],
        by: { piece: frame.name },
      });
  }
  return { prints, findings };
}

const sheetOf = (print: FramedPrint) => ({ widthMm: print.sheetWidthMm, heightMm: print.sheetHeightMm });

/** A print that somebody sits or stands close to is looked at closely. */
function dpiRule({ file, walls, hangings, rules }: Context, hangingId: string): PrintPlan['dpiBy'] {
  const hung = hangings.find((h) => h.hangingId === hangingId);
  const wall = walls.find((w) => w.id === hung?.wallId);
  if (!hung || !wall) return 'walls.dpiRoom';
  const ends = [hung.xMm - hung.widthMm / 2, hung.xMm + hung.widthMm / 2].map((x) => pointOnWall(wall, x));
  const isClose = viewersOf({ room: file.room, pieces: file.pieces }, rules).some(({ eyes }) =>
    eyes.some((eye) => apart([eye, eye], ends).mm <= rules.number('walls.dpiCloseWithin')),
  );
  return isClose ? 'walls.dpiClose' : 'walls.dpiRoom';
}

function planPrint(
  hangingId: string,
  print: FramedPrint,
  frame: Item,
  { dpiBy, rules }: { dpiBy: PrintPlan['dpiBy']; rules: RuleBook },
): PrintPlan {
  const sheet = sheetOf(print);
  const { pxWide, pxHigh } = print;
  const dpi = rules.number(dpiBy);
  return {
    hangingId,
    dpiBy,
    mat: planMat(sheet, frame, rules),
    pixels: pxWide !== null && pxHigh !== null ? planPixels(sheet, { pxWide, pxHigh }, dpi) : null,
  };
}

function judgePrint(plan: PrintPlan, print: FramedPrint, frame: Item, rules: RuleBook): Finding[] {
  const findings: Finding[] = [];
  const about = [plan.hangingId];
  if (!plan.mat.fits)
    findings.push({
      code: 'print-too-large',
      level: 'stop',
      stage: 'walls',
      about,
      by: { piece: frame.name, ...sheetOf(print) },
    });
  const { pixels } = plan;
  if (pixels)
    findings.push({
      code: pixels.enough ? 'print-pixels-good' : 'print-pixels-short',
      level: pixels.enough ? 'ok' : 'caution',
      stage: 'walls',
      about,
      rule: plan.dpiBy,
      by: {
        piece: frame.name,
        dpi: Math.floor(pixels.dpi),
        want: rules.number(plan.dpiBy),
        seen: plan.dpiBy === 'walls.dpiClose' ? 'close' : 'room',
        needWide: pixels.needWide,
        needHigh: pixels.needHigh,
        widthMm: pixels.largestWidthMm,
        heightMm: pixels.largestHeightMm,
      },
    });
  return findings;
}
