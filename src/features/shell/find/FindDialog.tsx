'use client';
import { Command } from 'cmdk';
import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Dialog } from '../../../ui/Dialog';
import { ScrollArea } from '../../../ui/ScrollArea';
import { Words } from '../../../ui/Words';
import { takeAhead } from './typedAhead';
import { useFoundInStudio, useStudioFinds } from './studioFinds';
import { answersTo, type Find, type FindGroup } from './find';

/** What is offered before a letter is typed. */
const OFFERED: ReadonlySet<FindGroup> = new Set(['looks', 'rooms', 'acts']);

const GROUP_HEADING = [
  '[&_[cmdk-group-heading]]:px-2',
  '[&_[cmdk-group-heading]]:pb-0.5',
  '[&_[cmdk-group-heading]]:pt-2',
  '[&_[cmdk-group-heading]]:font-narrow',
  '[&_[cmdk-group-heading]]:text-[13px]',
  '[&_[cmdk-group-heading]]:text-soft',
].join(' ');
const ITEM = [
  'flex cursor-pointer flex-wrap items-baseline gap-x-2 px-2 py-1 text-[15px] max-lg:py-2.5',
  'data-[selected=true]:bg-ink data-[selected=true]:text-sheet',
].join(' ');

export type FindDialogProps = {
  /** What the page knows itself. */ finds: readonly Find[];
  /** The room one is in. */ roomId: string | null;
  /** What is done with a thing of the stash, where its page is open already. */
  onThing?: (id: string) => void;
  /** Rules where there is no room to ask them in yet: made for the room that the studio names. */
  ruleFinds?: (roomId: string) => readonly Find[];
  onClose: () => void;
};

/** Keys that go along the list. */
const ALONG = new Set(['ArrowDown', 'ArrowUp', 'Home', 'End']);

/** Finds anything by its name: typing narrows, the arrow keys and Enter choose. */
export function FindDialog({ finds, roomId, onThing, onClose, ruleFinds }: FindDialogProps): ReactNode {
  const t = useTranslations();
  const router = useRouter();
  const [typed, setTyped] = useState('');
  // the first is chosen until somebody goes along the list, also while answers come in
  const [chosen, setChosen] = useState<string | null>(null);
  const goesAlong = useRef(false);
  const type = (text: string) => {
    setTyped(text);
    setChosen(null);
    goesAlong.current = false;
  };
  useEffect(() => {
    queueMicrotask(() => setTyped((now) => takeAhead() + now));
  }, []);
  const { found, silent } = useFoundInStudio(typed);
  const studio = useStudioFinds(found, roomId, onThing);
  const rules = found?.roomId && ruleFinds ? ruleFinds(found.roomId) : [];
  const groups = answersTo(typed, [...finds, ...studio, ...rules], OFFERED);
  const choose = ({ go }: Find) => {
    onClose();
    if ('act' in go) go.act();
    else router.push(go.href);
  };
  return (
    <Dialog open onClose={onClose} title={t('find.title')} closeLabel={t('shell.close')}>
      <Command
        shouldFilter={false}
        label={t('find.title')}
        value={chosen ?? groups[0]?.finds[0]?.key ?? ''}
        onValueChange={(key) => goesAlong.current && setChosen(key)}
        onKeyDown={(e) => {
          if (ALONG.has(e.key)) goesAlong.current = true;
        }}
        onPointerMove={() => {
          goesAlong.current = true;
        }}
      >
        <Command.Input
          value={typed}
          onValueChange={type}
          placeholder={t('find.hint')}
          className="w-full border-b border-ink bg-transparent py-1.5 text-[16px] outline-none"
        />
        <ScrollArea bars={['vertical']} label={t('find.title')} className="mt-1 h-[min(56dvh,460px)]">
          <Command.List label={t('find.title')}>
            {groups.length === 0 && (
              <Command.Item disabled className="px-2 py-2 text-[14px] text-soft">
                {t('find.nothing')}
              </Command.Item>
            )}
            {groups.map(({ group, finds: of }) => (
              <Command.Group key={group} heading={t(`find.${group}`)} className={GROUP_HEADING}>
                {of.map((find) => (
                  <Command.Item
                    key={find.key}
                    value={find.key}
                    onSelect={() => choose(find)}
                    className={ITEM}
                  >
                    <span className="line-clamp-2">
                      <Words>{find.name}</Words>
                    </span>
                    <span className="text-[13px] opacity-75">{find.beside}</span>
                  </Command.Item>
                ))}
              </Command.Group>
            ))}
          </Command.List>
        </ScrollArea>
      </Command>
      {silent && (
        <p role="status" className="mt-2 text-[14px] text-soft">
          {t('find.silent')}
        </p>
      )}
    </Dialog>
  );
}
