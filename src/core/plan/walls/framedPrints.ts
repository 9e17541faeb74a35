import type { Finding } from '../../model/finding';
import type { FramedPrint, Item, Look } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { planMat, planPixels, type MatPlan, type PixelPlan } from '../../stages/walls/prints';
import { isBright, type SightsPlan } from './sights';

export type PrintPlan = { hangingId: string; mat: MatPlan; pixels: PixelPlan | null };
export type PrintsPlan = { prints: PrintPlan[]; findings: Finding[] };

type Context = {
  look: Pick<Look, 'hangings'>;
  items: ReadonlyMap<string, Item>;
  sights: SightsPlan;
  rules: RuleBook;
};

/** The prints that are in frames: mat, sheet and whether the picture has pixels enough. */
export function planFramedPrints({ look, items, sights, rules }: Context): PrintsPlan {
  const prints: PrintPlan[] = [];
  const findings: Finding[] = [];
  for (const hanging of look.hangings) {
    const frame = items.get(hanging.itemId);
    if (!hanging.print || !frame) continue;
    const plan = planPrint(hanging.id, hanging.print, frame, rules);
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

function planPrint(hangingId: string, print: FramedPrint, frame: Item, rules: RuleBook): PrintPlan {
  const sheet = sheetOf(print);
  const { pxWide, pxHigh } = print;
  const dpi = rules.number('walls.dpiRoom');
  return {
    hangingId,
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
      rule: 'walls.dpiRoom',
      by: {
        piece: frame.name,
        dpi: Math.floor(pixels.dpi),
        want: rules.number('walls.dpiRoom'),
        needWide: pixels.needWide,
        needHigh: pixels.needHigh,
        widthMm: pixels.largestWidthMm,
        heightMm: pixels.largestHeightMm,
      },
    });
  return findings;
}
