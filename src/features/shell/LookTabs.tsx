'use client';
import { findOne } from '../../core/base/list';
import { headOfLook } from '../../core/model/nouns';
import { useTranslations } from 'next-intl';
import { MoreHorizontal, Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import dynamic from 'next/dynamic';
import { memo, useState, type ReactNode } from 'react';
import { ContextMenu, Menu } from '../../ui/Menu';
import { ScrollArea } from '../../ui/ScrollArea';
import { Tab, TabList } from '../../ui/Tabs';
import { Tooltip } from '../../ui/Tooltip';
import { useRoomAtRest } from './room/RoomContext';

const LookDialog = dynamic(() => import('./LookDialog').then((m) => m.LookDialog), { loading: () => null });

/** A long name takes two lines on a phone, and is cut on a wide screen, where its title gives it whole. */
const TAB = [
  'max-w-[200px] rounded-md px-2.5 py-1 text-[14px] aria-selected:bg-sheet aria-selected:font-semibold',
  'max-lg:text-left max-lg:leading-tight lg:truncate',
].join(' ');

/** Looks as tabs; the room dressed another way is one key away. */
export const LookTabs = memo(function LookTabs(): ReactNode {
  const t = useTranslations('shell');
  const { file, look, setLook, change } = useRoomAtRest();
  const [open, setOpen] = useState<'sheet' | 'changed' | 'rename' | 'delete' | null>(null);
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
    { label: t('lookSheet'), onSelect: () => setOpen('sheet') },
    { label: t('whatChanged'), onSelect: () => setOpen('changed') },
    { label: t('copyLook'), onSelect: copy },
    {
      label: t(look.isRecord ? 'openRecord' : 'keepRecord'),
      onSelect: () => change([{ do: 'putLook', look: { ...head, isRecord: !look.isRecord } }]),
    },
    { label: t('deleteLook'), onSelect: () => setOpen('delete') },
  ];
  return (
    <div className="flex min-w-0 items-center rounded-md bg-[#c6c6c6] p-[3px]">
      <ScrollArea>
        <ContextMenu label={t('lookMenu')} items={acts}>
          <TabList aria-label={t('looks')} className="flex min-w-0">
            {looks.map((l) => (
              <Tab key={l.id} value={l.id} title={l.name} className={TAB}>
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
      {open && <LookDialog about={open} look={look} onClose={() => setOpen(null)} onDelete={remove} />}
    </div>
  );
});
