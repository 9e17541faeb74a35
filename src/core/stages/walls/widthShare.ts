import type { Mm } from '../../base/units';
import type { FindingCode, FindingFacts, Level } from '../../model/finding';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

/** The share of the furniture's width that a piece or a whole takes. */
export function judgeWidthShare(
  share: number,
  over: { name: string; widthMm: Mm },
  rules: RuleBook,
): { code: FindingCode; level: Level; by: FindingFacts; rule: RuleId } {
  const [least, most] = rules.range('walls.widthShareAccepted');
  const [low, high] = rules.range('walls.widthShare');
  const off = share < least || share > most;
  return {
    code: off ? 'width-share-off' : 'width-share-good',
    level: off ? 'caution' : 'ok',
    rule: 'walls.widthShare',
    by: {
      share,
      wantMm: low * over.widthMm,
      wantToMm: high * over.widthMm,
      over: over.name,
      direction: share < least ? 'narrow' : 'wide',
    },
  };
}
