'use client';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import { useState, type ReactNode } from 'react';
import { sendAwayAction } from '../../actions/devices';
import { Button } from '../../ui/Button';
import { LazyDialog } from '../../ui/LazyDialog';
import { dayWords } from '../../ui/day';
import type { Devices } from './types';

const LetInCode = dynamic(() => import('./LetInCode').then((m) => m.LetInCode), { loading: () => null });

/** Phones and tablets that may open the studio: the list, a way to let one in, and to send one away. */
export function OtherDevices({ told }: { told: Devices }): ReactNode {
  const t = useTranslations();
  const [{ isOpen, devices }, setOthers] = useState(told);
  const [letting, setLetting] = useState(false);
  const [message, setMessage] = useState('');
  const take = (others: Devices | null, said: string) => {
    if (others) setOthers(others);
    setMessage(said);
  };
  const remove = async ({ id, name }: Devices['devices'][number]) => {
    try {
      take(await sendAwayAction(id), t('devices.removed', { name }));
    } catch {
      setMessage(t('devices.notRemoved', { name }));
    }
  };
  return (
    <section className="bg-sheet px-[18px] py-4">
      <h2 className="text-[21px]">{t('devices.title')}</h2>
      {devices.length === 0 && (
        <p className="mb-3 text-[14px] text-soft">{t(isOpen ? 'devices.none' : 'devices.closed')}</p>
      )}
      <ul className="mb-3 text-[14px]">
        {devices.map((device) => (
          <li key={device.id} className="flex items-center justify-between gap-3 py-1">
            <span className="min-w-0 break-words">
              {device.name}{' '}
              <span className="text-soft">
                {t('devices.seen', { day: dayWords(device.seenAt.slice(0, 10)) })}
              </span>
            </span>
            <Button
              small
              aria-label={t('devices.removeOne', { name: device.name })}
              onClick={() => void remove(device)}
            >
              {t('devices.remove')}
            </Button>
          </li>
        ))}
      </ul>
      {isOpen && <Button onClick={() => setLetting(true)}>{t('devices.letIn')}</Button>}
      <p role="status" className="mt-2 text-[14px]">
        {message}
      </p>
      <LazyDialog
        open={letting}
        onClose={() => setLetting(false)}
        title={t('devices.letIn')}
        closeLabel={t('shell.close')}
      >
        <LetInCode
          known={devices.length}
          onCame={(others) => {
            take(others, t('devices.came', { name: others.devices.at(-1)?.name ?? '' }));
            setLetting(false);
          }}
        />
      </LazyDialog>
    </section>
  );
}
