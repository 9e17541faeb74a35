import { useTranslations } from 'next-intl';
import { useCallback } from 'react';
import { numberOfPart, type Spot } from '../../../core/room/spots/spot';

/** What a spot is called: the piece's own name, and which part of it. */
export function useSpotName(): (spot: Pick<Spot, 'kind' | 'part' | 'name' | 'partsOfKind'>) => string {
  const t = useTranslations('placing');
  return useCallback(
    ({ kind, part, name, partsOfKind }) =>
      t('spot', { kind, name, n: numberOfPart(part) ?? 1, of: partsOfKind }),
    [t],
  );
}
