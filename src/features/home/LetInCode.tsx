'use client';
import { useTranslations } from 'next-intl';
import { useEffect, useState, type ReactNode } from 'react';
import { codeStateAction, hideCodeAction, showCodeAction } from '../../actions/devices';
import { Button } from '../../ui/Button';
import { RadioGroup } from '../../ui/RadioGroup';
import { useStableCallback } from '../../ui/useStableCallback';
import type { Devices } from './types';

type Shown = NonNullable<Awaited<ReturnType<typeof showCodeAction>>>;
const ASK_EVERY_MS = 1500;

const timeOf = (moment: string): string =>
  new Date(moment).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/** The code in two halves, as one reads it out. */
const spoken = (code: string): string => `${code.slice(0, 4)} ${code.slice(4)}`;

/** Asks again and again whether the code was used, until it was or is void. */
function useCodeState(code: string | null, onUsed: (others: Devices | null) => void): void {
  const used = useStableCallback(onUsed);
  useEffect(() => {
    if (code === null) return;
    const asking = setInterval(() => {
      codeStateAction(code).then(
        (state) => {
          if (!state || state.waiting) return;
          clearInterval(asking);
          used(state.others);
        },
        // the studio does not answer for the moment: the next one asks again
        () => undefined,
      );
    }, ASK_EVERY_MS);
    return () => clearInterval(asking);
  }, [code, used]);
}

/** The code that lets one device in, as a picture for its camera and as digits; hidden with the dialog. */
export function LetInCode({
  known,
  onCame,
}: {
  known: number;
  onCame: (others: Devices) => void;
}): ReactNode {
  const t = useTranslations();
  const [shown, setShown] = useState<Shown | null>(null);
  const [why, setWhy] = useState<'gone' | 'unreached' | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const show = useStableCallback(() => {
    setWhy(null);
    showCodeAction().then(setShown, () => setWhy('unreached'));
  });
  const code = shown?.code ?? null;
  useEffect(show, [show]);
  useEffect(() => {
    if (code === null) return undefined;
    return () => void hideCodeAction(code).catch(() => undefined);
  }, [code]);
  useCodeState(why === null ? code : null, (others) => {
    if (others && others.devices.length > known) onCame(others);
    else setWhy('gone');
  });
  if (why !== null)
    return (
      <>
        <p className="mb-4">{t(`devices.${why}`)}</p>
        <Button variant="primary" onClick={show}>
          {t('devices.another')}
        </Button>
      </>
    );
  const place = shown?.addresses.find((a) => a.address === chosen) ?? shown?.addresses[0];
  if (!shown || !place) return <p className="h-[300px]" role="status" />;
  return (
    <>
      <p className="mb-4">{t('devices.scan')}</p>
      <div className="flex flex-wrap items-start gap-x-6 gap-y-3">
        <svg
          viewBox={`0 0 ${place.qr.side} ${place.qr.side}`}
          className="size-[216px] shrink-0 bg-white"
          shapeRendering="crispEdges"
          role="img"
          aria-label={t('devices.qr', { address: place.address })}
        >
          <path d={place.qr.path} fill="#000" />
        </svg>
        <dl className="min-w-0 flex-1 space-y-3">
          <div>
            <dt className="text-[13px] text-soft">{t('devices.address')}</dt>
            <dd className="break-words text-[16px]">{place.address}</dd>
          </div>
          <div>
            <dt className="text-[13px] text-soft">{t('devices.code')}</dt>
            <dd className="font-narrow text-[34px] leading-tight">{spoken(shown.code)}</dd>
            <dd className="text-[14px] text-soft">{t('devices.until', { time: timeOf(shown.until) })}</dd>
          </div>
        </dl>
      </div>
      {shown.addresses.length > 1 && (
        <div className="mt-4">
          <RadioGroup
            label={t('devices.address')}
            value={place.address}
            onChange={setChosen}
            options={shown.addresses.map(({ address }) => ({ value: address, label: address }))}
          />
        </div>
      )}
    </>
  );
}
