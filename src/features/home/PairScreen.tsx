'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { TAKEN, TextField } from '../../ui/Field';
import { Form } from '../../ui/Form';

const WORDED = ['code-wrong', 'code-gone', 'too-many-devices'] as const;
type Worded = (typeof WORDED)[number];
const isWorded = (code: string | undefined): code is Worded => WORDED.some((w) => w === code);

/** A page of this studio to go to; nothing that leads elsewhere. */
const ownPage = (to: string): string => (/^\/(?![/\\])/.test(to) ? to : '/');

/** Why the studio did not let the device in, as a code; null where it did. */
async function letIn(code: string, name: string): Promise<string | null> {
  const response = await fetch('/api/pair', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ code, name }),
  });
  if (response.ok) return null;
  const body = (await response.json()) as { issues: { code: string }[] };
  return body.issues[0]?.code ?? 'not-read';
}

/** On a phone or tablet: takes the code that the studio's screen shows. */
export function PairScreen({ code: given, to }: { code: string; to: string }): ReactNode {
  const t = useTranslations();
  const [code, setCode] = useState(given);
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const send = async () => {
    try {
      const issue = await letIn(code, name || t('devices.nameExample'));
      if (issue === null) window.location.assign(ownPage(to));
      else setProblem(t(`devices.${isWorded(issue) ? issue : 'not-read'}`));
    } catch {
      setProblem(t('devices.unreached'));
    }
  };
  return (
    <main className="mx-auto max-w-[460px] px-4 py-8">
      <p className="font-head text-[26px]">{t('app.name')}</p>
      <section className="mt-3 bg-sheet px-5 py-5">
        <h1 className="text-[24px]">{t('devices.pairTitle')}</h1>
        <p className="mb-4 mt-1 text-soft">{t('devices.pairSays')}</p>
        <Form className="space-y-4" onSend={() => void send()}>
          <TextField
            label={t('devices.code')}
            draftKey="pair-code"
            value={code}
            inputMode="numeric"
            size="large"
            onCommit={(typed) => {
              setCode(typed);
              setProblem(null);
              return TAKEN;
            }}
          />
          <TextField
            label={t('devices.nameLabel')}
            draftKey="pair-name"
            value={name}
            placeholder={t('devices.nameExample')}
            onCommit={(typed) => {
              setName(typed);
              return TAKEN;
            }}
          />
          {problem && (
            <p role="alert" className="text-[15px]">
              {problem}
            </p>
          )}
          <Button type="submit" variant="primary" className="min-h-[44px]">
            {t('devices.pair')}
          </Button>
        </Form>
      </section>
    </main>
  );
}
