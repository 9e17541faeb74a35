'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { inches, type Mm } from '../../core/base/units';
import type { Item } from '../../core/model/types';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { Button } from '../../ui/Button';
import { LazyDialog } from '../../ui/LazyDialog';
import { WishForm } from '../shell/placing/WishForm';

/** A longer panel is taken up; more than this isn't worth it. */
const TAKEN_UP: Mm = inches(12);

/** A curtain that is not owned yet: as many panels as the window takes, long enough to be hemmed. */
export function WishCloth({ plan, onWish }: { plan: WindowPlan; onWish: (item: Item) => void }): ReactNode {
  const t = useTranslations('wish');
  const close = useTranslations('shell')('close');
  const [isOpen, setOpen] = useState(false);
  const { flatWidthMm, panels, finishedLengthMm } = plan;
  return (
    <>
      <Button small onClick={() => setOpen(true)}>
        {t('doCloth')}
      </Button>
      <LazyDialog open={isOpen} onClose={() => setOpen(false)} title={t('doCloth')} closeLabel={close}>
        <WishForm
          place={{
            kinds: ['panel'],
            mostWidthMm: flatWidthMm,
            leastHeightMm: finishedLengthMm,
            mostHeightMm: finishedLengthMm + TAKEN_UP,
            count: panels,
          }}
          onWish={(item) => {
            setOpen(false);
            onWish(item);
          }}
        />
      </LazyDialog>
    </>
  );
}
