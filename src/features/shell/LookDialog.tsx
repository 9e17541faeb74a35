'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { headOfLook } from '../../core/model/nouns';
import type { Look } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { TAKEN, TextField } from '../../ui/Field';
import { Form } from '../../ui/Form';
import { LazyDialog } from '../../ui/LazyDialog';
import { LookSheet } from './LookSheet';
import { WhatChanged } from './WhatChanged';
import { useRoomAtRest } from './room/RoomContext';

/** A look's sheet; renames it, or says what goes with it and deletes it. */
export function LookDialog({
  about,
  look,
  onClose,
  onDelete,
}: {
  about: 'sheet' | 'changed' | 'rename' | 'delete';
  look: Look;
  onClose: () => void;
  onDelete: () => void;
}): ReactNode {
  const t = useTranslations('shell');
  const { file, change } = useRoomAtRest();
  const count = { dressings: look.dressings.length, hangings: look.hangings.length };
  return (
    <LazyDialog
      open
      onClose={onClose}
      title={about === 'changed' ? t('whatChangedIn', { look: look.name }) : look.name}
      closeLabel={t('close')}
    >
      {about === 'sheet' && <LookSheet look={look} />}
      {about === 'changed' && <WhatChanged look={look} />}
      {about === 'rename' && (
        <Form onSend={onClose}>
          <TextField
            label={t('lookName')}
            draftKey={`look-name-${look.id}`}
            value={look.name}
            onCommit={(name) => {
              if (name) change([{ do: 'putLook', look: { ...headOfLook(look), name: name.slice(0, 80) } }]);
              return TAKEN;
            }}
          />
          <Button variant="primary" className="mt-4" type="submit">
            {t('renameLook')}
          </Button>
        </Form>
      )}
      {about === 'delete' && file.looks.length === 1 && <p>{t('lastLook')}</p>}
      {about === 'delete' && file.looks.length > 1 && (
        <>
          <p className="mb-3">
            {t('deleteLookSays', { name: look.name, ...count, placements: look.placements.length })}
          </p>
          <Button onClick={onDelete}>{t('deleteLook')}</Button>
        </>
      )}
    </LazyDialog>
  );
}
