'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { itemArrivedAction } from '../../actions/stash';
import type { ArrivedAnswer } from '../../actions/stashTypes';
import type { Item } from '../../core/model/types';
import { hexOfLab } from '../../core/colour/spaces';
import { Button } from '../../ui/Button';
import { ColourRows } from './ColourRows';
import { TEXT_LINK } from '../../ui/PageLink';

/** An order arrived: records the colour that is seen, and reports what that changes. */
export function ArrivedPanel({ item, onDone }: { item: Item; onDone: () => void }): ReactNode {
  const t = useTranslations('stash');
  const [seen, setSeen] = useState<Item['colours']>(item.colours);
  const [answer, setAnswer] = useState<ArrivedAnswer | null>(null);
  const [message, setMessage] = useState<string | null>(null);
  const take = async () => {
    const result = await itemArrivedAction(item.id, seen);
    if (result.ok) setAnswer(result.value);
    else setMessage(result.issues[0].message);
  };
  if (answer) {
    const { arrival, relies } = answer;
    return (
      <div className="space-y-2.5">
        <h3 className="font-sans text-[15px] font-semibold">{t('arrived.title')}</h3>
        <div className="grid grid-cols-2 gap-3 text-[13px]">
          {(
            [
              ['arrived.relied', item.relied?.[0] ?? first(item.colours)],
              ['arrived.seen', first(seen)],
            ] as const
          ).map(([k, c]) => (
            <div key={k}>
              <span className="block h-12 border border-black/20" style={{ background: hexOfLab(c) }} />
              {t(k)}
            </div>
          ))}
        </div>
        <p className="text-[15px]">
          {arrival.same
            ? t('arrived.same', { deltaE: arrival.deltaE.toFixed(1) })
            : t('arrived.differs', {
                turns:
                  arrival.turns.map((x) => t(`arrived.turns.${x}`)).join(', ') || t('arrived.turns.other'),
                deltaE: arrival.deltaE.toFixed(1),
              })}
        </p>
        {relies.length > 0 ? (
          <>
            <p className="text-[14px]">{t('arrived.relies')}</p>
            <ul className="text-[14px]">
              {relies.map((u) => (
                <li key={`${u.roomId}${u.lookId}`}>
                  <a className={TEXT_LINK} href={`/rooms/${u.roomId}/colour?look=${u.lookId}`}>
                    {u.roomName}, {u.lookName}
                  </a>
                </li>
              ))}
            </ul>
          </>
        ) : (
          <p className="text-[14px] text-soft">{t('arrived.reliesNone')}</p>
        )}
        <Button variant="primary" onClick={onDone}>
          {t('arrived.done')}
        </Button>
      </div>
    );
  }
  return (
    <div className="space-y-2.5">
      <h3 className="font-sans text-[15px] font-semibold">{t('arrived.title')}</h3>
      <p className="text-[14px] text-soft">{t('arrived.intro')}</p>
      <ColourRows colours={seen} draftKey={`arrived-${item.id}`} onChange={setSeen} />
      {message && (
        <p role="alert" className="text-[13px]">
          {message}
        </p>
      )}
      <div className="flex gap-2">
        <Button variant="primary" onClick={() => void take()}>
          {t('arrived.do')}
        </Button>
        <Button onClick={onDone}>{t('back')}</Button>
      </div>
    </div>
  );
}
