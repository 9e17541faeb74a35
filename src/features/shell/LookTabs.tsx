'use client';
import { findOne } from '../../core/base/list';
import { headOfLook } from '../../core/model/nouns';
import { useTranslations } from 'next-intl';
import { MoreHorizontal, Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { memo, useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { ContextMenu, Menu } from '../../ui/Menu';
import { ScrollArea } from '../../ui/ScrollArea';
import { Tab, TabList } from '../../ui/Tabs';
import { Tooltip } from '../../ui/Tooltip';
import { LazyDialog } from '../../ui/LazyDialog';
import { TAKEN, TextField } from '../../ui/Field';
import { Form } from '../../ui/Form';
import { useRoomAtRest } from './room/RoomContext';

/** Looks as tabs; the room dressed another way is one key away. */
export const LookTabs = memo(function LookTabs(): ReactNode {
  const t = useTranslations('shell');
  const { file, look, setLook, change } = useRoomAtRest();
  const [open, setOpen] = useState<'rename' | 'delete' | null>(null);
  const looks = [...file.looks].sort((a, b) => a.order - b.order);
  const copy = () => {
    const id = nanoid(12);
    change([{ do: 'copyLook', from: look.id, id, name: t('newLookName', { name: look.name }).slice(0, 80) }]);
    setLook(id);
  };
  const remove = () => {
    const next = findOne(looks, (l) => l.id !== look.id);
    setOpen(null);
    change([{ do: 'removeLook', id: look.id }]);
    setLook(next.id);
  };
  const head = headOfLook(look);
  const acts = [
    { label: t('renameLook'), onSelect: () => setOpen('rename') },
    { label: t('copyLook'), onSelect: copy },
    { label: t('deleteLook'), onSelect: () => setOpen('delete') },
  ];
  return (
    <div className="flex min-w-0 items-center rounded-md bg-[#c6c6c6] p-[3px]">
      <ScrollArea>
        <ContextMenu label={t('lookMenu')} items={acts}>
          <TabList aria-label={t('looks')} className="flex min-w-0">
            {looks.map((l) => (
              <Tab
                key={l.id}
                value={l.id}
                title={l.name}
                className="max-w-[200px] truncate whitespace-nowrap rounded-md px-2.5 py-1 text-[14px] aria-selected:bg-sheet aria-selected:font-semibold"
              >
                {l.name}
              </Tab>
            ))}
          </TabList>
        </ContextMenu>
      </ScrollArea>
      <Menu label={t('lookMenu')} items={acts} className="rounded-md p-1.5 hover:bg-sheet">
        <MoreHorizontal size={16} />
      </Menu>
      <Tooltip label={t('copyLook')}>
        <button
          type="button"
          aria-label={t('copyLook')}
          onClick={copy}
          className="rounded-md p-1.5 hover:bg-sheet"
        >
          <Plus size={16} />
        </button>
      </Tooltip>
      <LazyDialog
        open={open !== null}
        onClose={() => setOpen(null)}
        title={look.name}
        closeLabel={t('close')}
      >
        {open === 'rename' && (
          <Form onSend={() => setOpen(null)}>
            <TextField
              label={t('lookName')}
              draftKey={`look-name-${look.id}`}
              value={look.name}
              onCommit={(name) => {
                if (name) change([{ do: 'putLook', look: { ...head, name: name.slice(0, 80) } }]);
                return TAKEN;
              }}
            />
            <Button variant="primary" className="mt-4" type="submit">
              {t('renameLook')}
            </Button>
          </Form>
        )}
        {open === 'delete' && looks.length === 1 && <p>{t('lastLook')}</p>}
        {open === 'delete' && looks.length > 1 && (
          <>
            <p className="mb-3">
              {t('deleteLookSays', {
                name: look.name,
                dressings: look.dressings.length,
                hangings: look.hangings.length,
                placements: look.placements.length,
              })}
            </p>
            <Button onClick={remove}>{t('deleteLook')}</Button>
          </>
        )}
      </LazyDialog>
    </div>
  );
});
