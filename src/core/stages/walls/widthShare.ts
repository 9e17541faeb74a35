import { CRUMB } from '../../base/tolerance';
import type { Mm } from '../../base/units';
import type { FindingCode, FindingFacts, Level } from '../../model/finding';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

/** The share of the furniture's width that a piece or a whole takes. */
export function judgeWidthShare(
  share: number,
  overPiece: { name: string; widthMm: Mm },
  rules: RuleBook,
): { code: FindingCode; level: Level; by: FindingFacts; rule: RuleId } {
  const [least, most] = rules.range('walls.widthShareAccepted');
  const [low, high] = rules.range('walls.widthShare');
  const isOff = share < least - CRUMB || share > most + CRUMB;
  return {
    code: isOff ? 'width-share-off' : 'width-share-good',
    level: isOff ? 'caution' : 'ok',
    rule: 'walls.widthShare',
    by: {
      share,
      wantMm: low * overPiece.widthMm,
      wantToMm: high * overPiece.widthMm,
      over: overPiece.name,
      direction: share < (least + most) / 2 ? 'narrow' : 'wide',
    },
  };
}
