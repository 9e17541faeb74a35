import type { useTranslations } from 'next-intl';
import type { LengthUnit } from '../../core/base/units';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { massWords } from '../../messages/findingWords';

/** The class of its hooks; about which class, where nobody weighed the piece. Empty where no class holds it. */
export function hookWords(
  { fixing, massGuessedBy }: Pick<HangingPlan, 'fixing' | 'massGuessedBy'>,
  unit: LengthUnit,
  t: ReturnType<typeof useTranslations<'walls'>>,
): string {
  if (fixing.hookClassG === null) return '';
  const mass = massWords(fixing.hookClassG, unit);
  return massGuessedBy === null ? t('nailLb', { mass }) : t('nailLbGuessed', { mass });
}
