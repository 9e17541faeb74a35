'use client';
import { useTranslations } from 'next-intl';
import { useMemo, useState, type ReactNode } from 'react';
import { formatLength, plainUnit } from '../../core/base/length';
import type { Piece, Seat } from '../../core/model/types';
import type { Proposal } from '../../core/plan/seats/composeInLook';
import { backOf } from '../../core/stages/seats/back';
import { ROLES, SCHOOLS } from '../../core/stages/seats/compose/ask';
import { eitherWords } from '../../messages/findingWords';
import { Button } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import { Progress } from '../../ui/Progress';
import { RadioGroup } from '../../ui/RadioGroup';
import { ScrollArea } from '../../ui/ScrollArea';
import { Select } from '../../ui/Select';
import { useStableCallback } from '../../ui/useStableCallback';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { useFamilyName } from '../shell/useWords';
import { ProposalCards, useProposal, type Around } from './ProposalCard';
import { NO_WISHES, useComposer, type ComposerState, type OnOffer, type Wishes } from './useComposer';

type Seated = Piece & { seat: Seat };
const NONE: readonly Proposal[] = [];
/** Colours that can be asked for: the strongest of the room. */
const MOST_FAMILIES = 6;

/** Other ways of dressing a seat or all seats from the stash, found beside the page, the best five that differ. */
export function SeatComposer({
  piece,
  seats,
  stash,
}: {
  piece: Seated;
  seats: readonly Seated[];
  stash: OnOffer;
}): ReactNode {
  const t = useTranslations('compose');
  const [wishes, setWishes] = useState<Wishes>(NO_WISHES);
  const state = useComposer(piece, seats, stash, wishes);
  const none = useNoneWords(wishes.together ? seats : [piece], wishes, stash);
  const shown = state.running?.best.length ? state.running.best : (state.found ?? NONE);
  const around = useAround(state);
  const use = useStableCallback(useProposal(state.rows));
  return (
    <section className="px-4 pb-3" aria-label={t('title')}>
      <WishBar wishes={wishes} onChange={setWishes} many={seats.length > 1} hasShop={stash.shop.length > 0}>
        <Button small disabled={state.running !== null || !stash.isThere} onClick={state.search}>
          {t('again')}
        </Button>
      </WishBar>
      {state.running && (
        <div className="mt-2 flex items-center gap-3">
          <Progress label={t('searching')} value={state.running.done} max={state.running.of} />
          <Button small onClick={state.stop}>
            {t('stop')}
          </Button>
        </div>
      )}
      <p role="status" className="text-[14px]">
        {!state.running && state.found?.length === 0 ? none : ''}
      </p>
      {shown.length > 0 && (
        <ScrollArea bars={['horizontal']} label={t('title')}>
          <ProposalCards proposals={shown} around={around} onUse={use} />
        </ScrollArea>
      )}
    </section>
  );
}

function useAround({ seats, rows }: ComposerState): Around {
  const { file, rules } = useRoom();
  const { pieces, room } = file;
  const paint = usePaint();
  return useMemo(
    () => ({ seats, pieces, rows, rules, unit: room.unit, paint }),
    [seats, pieces, rows, rules, room.unit, paint],
  );
}

/** Why nothing was found, as far as that is known, and what to change about the question. */
function useNoneWords(asked: readonly Seated[], wishes: Wishes, stash: OnOffer): string {
  const t = useTranslations('compose');
  const { file, look, rules } = useRoom();
  const backs = asked.map((seat) => backOf(seat, rules));
  const back = asked.length === 1 ? backs[0] : null;
  const isLocked = look.placements.some((p) => p.locked && asked.some((seat) => seat.id === p.spot.of));
  const tips = [
    wishes.school !== 'any' && t('tips.school'),
    wishes.roles.length > 0 && t('tips.roles'),
    wishes.families.length > 0 && t('tips.families'),
    !wishes.withShop && stash.shop.length > 0 && t('tips.shop'),
    isLocked && t('tips.locked'),
  ].filter((tip) => tip !== false);
  return [
    t('none'),
    back &&
      t(back.kind === 'none' ? 'noneBack' : 'noneLow', {
        most: formatLength(back.highestMm, plainUnit(file.room.unit)),
      }),
    tips.length > 0 && t('noneTry', { tips: eitherWords(tips) }),
  ]
    .filter((words) => typeof words === 'string')
    .join(' ');
}

/** What is wished: one seat or all, a school, colours, the shop. */
function WishBar({
  wishes,
  onChange,
  many,
  hasShop,
  children,
}: {
  wishes: Wishes;
  onChange: (wishes: Wishes) => void;
  many: boolean;
  hasShop: boolean;
  children: ReactNode;
}): ReactNode {
  const t = useTranslations('compose');
  const { plan } = useRoom();
  const familyName = useFamilyName();
  const families = plan.spread.families.filter((f) => !f.neutral).slice(0, MOST_FAMILIES);
  const put = (patch: Partial<Wishes>) => onChange({ ...wishes, ...patch });
  const toggle = (id: string, on: boolean) =>
    put({ families: on ? [...wishes.families, id] : wishes.families.filter((f) => f !== id) });
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5">
      <h2 className="text-[18px]">{t('title')}</h2>
      {many && (
        <div className="w-[150px]">
          <RadioGroup
            label={t('which')}
            value={wishes.together ? 'all' : 'one'}
            onChange={(which) => put({ together: which === 'all' })}
            options={[
              { value: 'one', label: t('thisSeat') },
              { value: 'all', label: t('allSeats') },
            ]}
          />
        </div>
      )}
      <Select
        label={t('school')}
        hideLabel
        value={wishes.school}
        options={(['any', ...SCHOOLS] as const).map((s) => ({ value: s, label: t(`schools.${s}`) }))}
        onChange={(school) => put({ school })}
        className="w-[160px]"
      />
      {children}
      <div role="group" aria-label={t('roles')} className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="font-narrow text-[13px] text-soft">{t('roles')}</span>
        {ROLES.map((role) => (
          <Checkbox
            key={role}
            checked={wishes.roles.includes(role)}
            onChange={(on) =>
              put({ roles: on ? [...wishes.roles, role] : wishes.roles.filter((r) => r !== role) })
            }
          >
            {t(`role.${role}`)}
          </Checkbox>
        ))}
      </div>
      {families.length > 0 && (
        <div role="group" aria-label={t('wanted')} className="flex flex-wrap items-center gap-x-3 gap-y-1">
          <span className="font-narrow text-[13px] text-soft">{t('wanted')}</span>
          {families.map((f) => (
            <Checkbox key={f.id} checked={wishes.families.includes(f.id)} onChange={(on) => toggle(f.id, on)}>
              {familyName(f)}
            </Checkbox>
          ))}
        </div>
      )}
      {hasShop && (
        <Checkbox checked={wishes.withShop} onChange={(withShop) => put({ withShop })}>
          {t('withShop')}
        </Checkbox>
      )}
    </div>
  );
}
