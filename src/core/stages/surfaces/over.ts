import type { Mm } from '../../base/units';
import type { RuleId } from '../../rules/table';

/** Something above a surface: what stands under it stays so far below its lower edge. */
export type Over = {
  about: string;
  name: string;
  kind: 'screen' | 'picture' | 'shelf' | 'ceiling';
  bottomMm: Mm;
  keepMm: Mm;
  rule: RuleId | null;
};
