'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { formatBareSize, formatLength } from '../../core/base/length';
import type { Item, Piece, Seat } from '../../core/model/types';
import type { Effect, Proposal } from '../../core/plan/seats/composeInLook';
import { isTold } from '../../core/plan/seats/effect';
import { isPropped } from '../../core/room/lies';
import { isDraped } from '../../core/room/throws';
import { backOf } from '../../core/stages/seats/back';
import {
  ROLES,
  SCHOOLS,
  type Reason,
  type Role,
  type SeatComposition,
} from '../../core/stages/seats/compose/ask';
import { asSentence, eitherWords, listWords } from '../../messages/findingWords';
import { Button } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import { Progress } from '../../ui/Progress';
import { RadioGroup } from '../../ui/RadioGroup';
import { ScrollArea } from '../../ui/ScrollArea';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { PLACEMENT } from '../../core/model/defaults';
import { usePlacing } from '../shell/placing/usePlacing';
import { isOfShop, type ShopRow } from '../shell/placing/useShop';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import type { StashRow } from '../shell/useStash';
import { useFamilyName } from '../shell/useWords';
import { scaleFor, SmallSeat } from './SmallSeat';
import { NO_WISHES, useComposer, type ComposerState, type OnOffer, type Wishes } from './useComposer';

type Seated = Piece & { seat: Seat };
/** Colours that can be asked for: the strongest of the room. */
const MOST_FAMILIES = 6;
const CARD_WIDTH = 168;

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
  const shown = state.running?.best.length ? state.running.best : (state.found ?? []);
  return (
    <section className="px-4 pb-3" aria-label={t('title')}>
      <WishBar wishes={wishes} onChange={setWishes} many={seats.length > 1} hasShop={stash.shop.length > 0} />
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
          <ul className="mt-1.5 flex gap-3 pb-3">
            {shown.map((proposal, n) => (
              <li key={n} className="shrink-0 text-[13px] leading-snug" style={{ width: CARD_WIDTH }}>
                <ProposalCard proposal={proposal} state={state} />
              </li>
            ))}
          </ul>
        </ScrollArea>
      )}
    </section>
  );
}

/** Why nothing was found, as far as that is known, and what to change about the question. */
function useNoneWords(asked: readonly Seated[], wishes: Wishes, stash: OnOffer): string {
  const t = useTranslations('compose');
  const { file, look, rules } = useRoom();
  const backs = asked.map((seat) => backOf(seat, rules));
  const mostMm = backs[0]?.kind === 'none' ? backs[0].highestMm : null;
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
    asked.length === 1 && mostMm !== null && t('noneBack', { most: formatLength(mostMm, file.room.unit) }),
    tips.length > 0 && t('noneTry', { tips: eitherWords(tips) }),
  ]
    .filter((words) => words !== false)
    .join(' ');
}

/** What is wished: one seat or all, a school, colours, the shop. */
function WishBar({
  wishes,
  onChange,
  many,
  hasShop,
}: {
  wishes: Wishes;
  onChange: (wishes: Wishes) => void;
  many: boolean;
  hasShop: boolean;
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

/** One arrangement: its seats, why it is offered, what it lacks, what it does to the colours of the room. */
function ProposalCard({ proposal, state }: { proposal: Proposal; state: ComposerState }): ReactNode {
  const t = useTranslations('compose');
  const { rules } = useRoom();
  const paint = usePaint();
  const apply = useProposal(state);
  const { rows, seats } = state;
  const shown = proposal.seats.filter((s) => s.placed.length > 0);
  const names = namesOf(shown, rows);
  const perMm = scaleFor(
    seats.filter((p) => shown.some((s) => s.pieceId === p.id)),
    CARD_WIDTH,
  );
  return (
    <>
      {shown.map((s) => {
        const piece = seats.find((p) => p.id === s.pieceId);
        return (
          piece && (
            <SmallSeat
              key={s.pieceId}
              placed={s.placed}
              piece={piece}
              rows={rows}
              paint={paint}
              rules={rules}
              width={CARD_WIDTH}
              perMm={perMm}
            />
          )
        );
      })}
      <span className="mt-1 line-clamp-3 font-medium" title={names}>
        {names}
      </span>
      <span className="block text-soft">{t(`schools.${shown[0]?.school ?? 'any'}`)}</span>
      <ul className="text-soft">
        {proposal.reasons.map((reason) => (
          <ReasonLine key={reason.code} reason={reason} />
        ))}
        <Lacks proposal={proposal} rows={rows} />
        {proposal.effects.map((effect) => (
          <EffectLine key={effect.family.id} effect={effect} />
        ))}
      </ul>
      <Button small className="mt-1" onClick={() => apply(proposal)}>
        {t('use')}
      </Button>
    </>
  );
}

const MIX = ['bold', 'small', 'plain'] as const;

const namesOf = (seats: readonly SeatComposition[], rows: ReadonlyMap<string, StashRow>): string => {
  const ids = new Set(seats.flatMap((s) => s.placed.map((p) => p.itemId)));
  return [...ids].flatMap((id) => rows.get(id)?.name ?? []).join(', ');
};

function ReasonLine({ reason }: { reason: Reason }): ReactNode {
  const t = useTranslations('compose');
  if (reason.code === 'patterns') {
    const mix = MIX.filter((kind) => reason[kind] > 0).map((kind) =>
      t(`mix.${kind}`, { count: reason[kind] }),
    );
    return <li>{asSentence(listWords(mix))}</li>;
  }
  if (reason.code === 'roles') {
    const named = (roles: readonly Role[]) => listWords(roles.map((role) => t(`role.${role}`)));
    const { filled, open } = reason;
    return (
      <>
        {filled.length > 0 && <li>{t('rolesFilled', { roles: named(filled) })}</li>}
        {open.length > 0 && <li>{t('rolesOpen', { roles: named(open) })}</li>}
      </>
    );
  }
  const { code, ...facts } = reason;
  return <li>{t(`reasons.${code}`, facts)}</li>;
}

function EffectLine({ effect }: { effect: Effect }): ReactNode {
  const t = useTranslations('compose');
  const familyName = useFamilyName();
  const { gap, pull, then, previous } = effect;
  const stays = then > 0 && previous > 0;
  const share = (change: Effect['gap']) => ({
    then: Math.round(change.then * 100),
    previous: Math.round(change.previous * 100),
  });
  return (
    <li>
      {t('effect', { name: familyName(effect.family), then, previous })}
      {stays && isTold(gap) && t('effectGap', share(gap))}
      {stays && isTold(pull) && t('effectPull', share(pull))}
    </li>
  );
}

/** Inserts, casings and covers that would have to be bought. */
function Lacks({ proposal, rows }: { proposal: Proposal; rows: ReadonlyMap<string, StashRow> }): ReactNode {
  const t = useTranslations('compose');
  const { unit } = useRoom().file.room;
  const size = (of: { widthMm: number; heightMm: number }) => formatBareSize(of.widthMm, of.heightMm, unit);
  const words = [
    ...proposal.forSale.map(({ itemId, count }) => {
      const row = rows.get(itemId);
      const source = row && isOfShop(row as ShopRow) && row.source ? row.source : 'none';
      return t('buyCover', { count, name: row?.name ?? '', source });
    }),
    ...proposal.inserts.map((m) => t('buyInsert', { count: m.buy, size: size(m), fill: m.fill })),
    ...proposal.casings.map((m) => t('buyCasing', { count: m.buy, size: size(m) })),
  ];
  return words.map((line) => (
    <li key={line}>
      <Words>{line}</Words>
    </li>
  ));
}

/** Puts an arrangement in the place of the pillows of its seats, but for those that are locked. */
function useProposal({ rows }: ComposerState): (proposal: Proposal) => void {
  const { look } = useRoom();
  const placing = usePlacing();
  return (proposal) => {
    const seatIds = new Set(proposal.seats.map((s) => s.pieceId));
    const fresh = proposal.seats.flatMap(({ pieceId, placed }) =>
      placed.filter((p) => p.lockedId === null).map((p) => ({ pieceId, ...p })),
    );
    const draped = new Set(fresh.filter((p) => isDraped(p.lie)).map((p) => p.pieceId));
    const old = look.placements.filter(
      (p) =>
        seatIds.has(p.spot.of) && !p.locked && (isPropped(p) || (isDraped(p.lie) && draped.has(p.spot.of))),
    );
    placing.replace(
      old,
      fresh.flatMap(({ pieceId, itemId, lockedId: _locked, ...one }) => {
        const item = itemOfRow(rows.get(itemId));
        return item ? [{ ...PLACEMENT, ...one, item, spot: { of: pieceId, part: 'seat' } }] : [];
      }),
    );
  };
}

/** A row of the strip as the item that it is. */
function itemOfRow(row: StashRow | ShopRow | undefined): Item | null {
  if (!row) return null;
  const { elsewhere: _elsewhere, ...item } = row;
  if (!isOfShop(row)) return item;
  const { shop: _shop, ...thing } = item as Item & { shop: unknown };
  return thing;
}
