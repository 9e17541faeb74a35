import { formatPlainLength } from '../core/base/length';
import type { LengthUnit } from '../core/base/units';
import type { PanelWork } from '../core/stages/windows/panelWork';

type Say = (key: string, values?: Record<string, string | number>) => string;

/** One panel of a window whose floor falls, in words: the same on screen, sheet and cut list. */
export function panelWords(panel: PanelWork, say: Say, unit: LengthUnit): string {
  const length = (mm: number) => formatPlainLength(mm, unit);
  const facts = {
    side: panel.side,
    number: panel.number,
    drop: length(panel.dropMm),
    finished: length(panel.finishedMm),
  };
  if (panel.boughtMm === null)
    return say('panelMade', { ...facts, cut: length(panel.cutMm ?? panel.finishedMm) });
  const takeUpMm = panel.takeUpMm ?? 0;
  const work = takeUpMm < 0 ? 'letDown' : 'takeUp';
  return say('panelBought', {
    ...facts,
    bought: length(panel.boughtMm),
    work,
    by: length(Math.abs(takeUpMm)),
    cut: panel.cutMm === null ? '' : length(panel.cutMm),
  });
}
