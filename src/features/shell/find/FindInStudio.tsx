'use client';
import { useTranslations } from 'next-intl';
import { useCallback, type ReactNode } from 'react';
import { RULE_TABLE, type RuleId } from '../../../core/rules/table';
import type { Find } from './find';
import { FindDialog, type FindDialogProps } from './FindDialog';
import { useStudioActs } from './useStudioActs';

/** Everything in the studio that has a name. A rule is asked in the room that was changed last. */
export function FindInStudio(own: Pick<FindDialogProps, 'onClose' | 'onThing'>): ReactNode {
  const t = useTranslations();
  const acts = useStudioActs();
  const ruleFinds = useCallback(
    (roomId: string) =>
      (Object.keys(RULE_TABLE) as RuleId[]).map((id): Find => ({
        key: `rule ${id}`,
        group: 'rules',
        name: t(`rules.${id}.name` as 'rules.windows.hem.name'),
        beside: '',
        go: { href: `/rooms/${roomId}/measure?why=${id}` },
      })),
    [t],
  );
  return <FindDialog finds={acts} roomId={null} ruleFinds={ruleFinds} {...own} />;
}
