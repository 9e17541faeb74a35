'use client';
import { FileButton, IMAGE_TYPES } from '../../../ui/FileButton';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { Button } from '../../../ui/Button';
import { Collapsible } from '../../../ui/Collapsible';
import { useTakeInPhoto } from '../../shell/photos';

import { useItem } from './ItemContext';

/** Its photo. */
export function ItemPhoto(): ReactNode {
  const t = useTranslations('stash');
  const takeInPhoto = useTakeInPhoto();

  const { item, save, setProblem } = useItem();
  const setPhoto = async (file: File) => {
    const kept = await takeInPhoto(file);
    if (kept.ok) save({ photoId: kept.id });
    else setProblem({ text: kept.message });
  };
  return (
    <Collapsible title={t('photo')}>
      {item.photoId && (
        <img
          src={`/api/photos/${item.photoId}`}
          alt={item.name}
          className="mb-2 max-h-[220px] w-full object-contain"
        />
      )}
      <FileButton small accept={IMAGE_TYPES} onFiles={([file]) => void setPhoto(file)}>
        {t('photoTake')}
      </FileButton>
      {item.photoId && (
        <Button small variant="quiet" onClick={() => save({ photoId: null })}>
          {t('photoDrop')}
        </Button>
      )}
    </Collapsible>
  );
}
