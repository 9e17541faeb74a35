import { formatLength, formatPlainLength, formatSize } from '../core/base/length';
import type { LengthUnit } from '../core/base/units';
import type { FittingStep, Mark } from '../core/plan/fittingStep';
import type { BuyLine } from '../core/stash/buying';
import { listWords, massWords } from './findingWords';
import { materialWords, workNote, workTitle, type Say } from './workWords';
import { panelWords } from './panelWords';

/** What holds a picture: hooks of a class, what they go into, how it hangs on them; or that it leans. */
function pictureNote(s: FittingStep, say: Say, unit: LengthUnit): string {
  if (s.footMm !== undefined) return say('leans', { foot: formatLength(s.footMm, unit) });
  const { fixing } = s;
  if (!fixing) return '';
  const { hooks, hookClassG, anchors, anchorKind, hanger } = fixing;
  const mass = hookClassG === null ? '' : massWords(hookClassG, unit);
  return [
    say(hookClassG === null ? 'hooksNone' : `hooksOn.${hanger}`, { count: hooks, mass }),
    ...(s.massGuessed ? [say('notWeighed')] : []),
    ...(anchors > 0 ? [say(`anchorsOf.${anchorKind}`, { count: anchors })] : []),
    ...(s.twoPoints ? [say('twoPoints')] : []),
  ].join('; ');
}

/**
 * Words of the fitting sheet's rows, the same on screen, in print, PDF and CSV. `say` reads the table under
 * `fitting`.
 */
export function sheetRowWords(say: Say, unit: LengthUnit, wallName: (id: string) => string) {
  const length = (mm: number) => formatLength(mm, unit);
  const clothLength = (mm: number) => formatPlainLength(mm, unit);
  return {
    title: (s: FittingStep): string =>
      s.work
        ? workTitle(s.work, s.work.on === 'wall' ? wallName(s.wallId) : s.name, say)
        : say(s.kind, { name: s.name, ...s.part }),
    note: (s: FittingStep): string => {
      if (s.kind === 'curtain' || s.kind === 'sheer')
        return [
          say('panelsOf', {
            count: s.count,
            lengths: [...new Set(s.finishedMm.map(clothLength))].join(', '),
          }),
          ...(s.ringDropMm === undefined ? [] : [say('onRings', { drop: length(s.ringDropMm) })]),
          ...(s.pinPlaceMm === undefined ? [] : [say('onPins', { place: length(s.pinPlaceMm) })]),
          ...(s.liner ? [say('withLiner')] : []),
        ].join('; ');
      if (s.work) return workNote(s.work, say, unit);
      if (s.kind === 'shelf')
        return say('bracketsOf', { count: s.count, mass: massWords(s.bracketG ?? 0, unit) });
      if (s.kind === 'picture') return pictureNote(s, say, unit);
      if (s.floor)
        return say(`floorActs.${s.floor.act}`, {
          wall: wallName(s.wallId),
          along: length(s.floor.alongMm),
          from: length(s.floor.fromWallMm),
        });
      if (s.kind === 'surface') return say('surfaceOf', { count: s.count });
      return s.kind === 'seat' || s.kind === 'bed' ? say('pillowsOf', { count: s.count }) : '';
    },
    /** Each panel, where they are of different lengths; each thing that is set out on a surface. */
    panels: (s: FittingStep): string[] => [
      ...(s.panels ?? []).map((panel) => panelWords(panel, say, unit)),
      ...(s.cushions ? [say('cushionsOut', { ...s.cushions, where: s.cushions.where || 'none' })] : []),
      ...(s.made?.length ? [say('made', { things: listWords(s.made) })] : []),
      ...(s.laid?.length
        ? [
            say('laid', {
              things: listWords(s.laid.map(({ name, count }) => say('laidThing', { name, count }))),
            }),
          ]
        : []),
      ...(s.setOut ?? []).map(({ name, count, xMm, on }) =>
        on === null ? say('setOut', { name, count, by: length(xMm) }) : say('setOutOn', { name, count, on }),
      ),
      ...(s.night ? [say('night', { ...s.night, where: s.night.where || 'none' })] : []),
    ],
    mark: (m: Mark): string => say(m.label),
    line: (m: Mark): string =>
      Math.abs(m.fromLineMm) < 0.5
        ? say('onLine')
        : say(m.fromLineMm > 0 ? 'above' : 'below', { by: length(Math.abs(m.fromLineMm)) }),
    buy: (b: BuyLine): string =>
      b.material
        ? materialWords(
            b.material,
            b.material.wallId === null ? b.name : wallName(b.material.wallId),
            say,
            unit,
          )
        : say(`buyKinds.${b.kind}`, {
            name: b.name,
            mass: b.ratedG === undefined ? '' : massWords(b.ratedG, unit),
          }),
    size: (b: BuyLine): string => {
      if (b.widthMm === null) return '';
      return b.heightMm === null
        ? formatPlainLength(b.widthMm, unit)
        : formatSize(b.widthMm, b.heightMm, unit);
    },
  };
}
