import { getTranslations } from 'next-intl/server';

export default async function NotFound() {
  const t = await getTranslations();
  return (
    <main className="mx-auto max-w-[520px] p-10">
      <h1 className="text-[26px]">{t('errors.notFound')}</h1>
      <p className="my-3">{t('errors.notFoundSays')}</p>
      {/* eslint-disable-next-line @next/next/no-html-link-for-pages -- every page carries this one's script */}
      <a href="/" className="underline underline-offset-4">
        {t('app.home')}
      </a>
    </main>
  );
}
