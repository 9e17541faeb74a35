'use client';
import { useTranslations } from 'next-intl';
import { Button } from '@/ui/Button';

export default function ErrorPage({ reset }: { reset: () => void }) {
  const t = useTranslations('errors');
  return (
    <main className="mx-auto max-w-[520px] p-10">
      <h1 className="text-[26px]">{t('broke')}</h1>
      <p className="my-3">{t('brokeSays')}</p>
      <Button onClick={reset}>{t('again')}</Button>
    </main>
  );
}
