'use client';
import { useTranslations } from 'next-intl';
import { memo, type ReactNode } from 'react';
import { formatBareSize } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import { PLACEMENT } from '../../core/model/defaults';
import type { Item, Piece, Seat } from '../../core/model/types';
import type { Effect, Proposal } from '../../core/plan/seats/composeInLook';
import { effectKind, isTold, type EffectKind } from '../../core/plan/seats/effect';
import { isPropped } from '../../core/room/lies';
import { isDraped } from '../../core/room/throws';
import type { Reason, Role, SeatComposition } from '../../core/stages/seats/compose/ask';
import type { RuleBook } from '../../core/rules/book';
import { asSentence, listWords } from '../../messages/findingWords';
import { Button } from '../../ui/Button';
import { Collapsible } from '../../ui/Collapsible';
import { Words } from '../../ui/Words';
import { usePlacing } from '../shell/placing/usePlacing';
import { isOfShop, type ShopRow } from '../shell/placing/useShop';
import { useRoom } from '../shell/room/RoomContext';
import type { Paint } from '../shell/paint';
import type { StashRow } from '../shell/useStash';
import { useFamilyName } from '../shell/useWords';
import { scaleFor, SmallSeat } from './SmallSeat';

const CARD_WIDTH = 168;

/** What the cards need of the room: nothing of it changes while a thing is dragged. */
export type Around = {
  /** The seats that were asked for, and all furniture that has a name. */
  seats: readonly (Piece & { seat: Seat })[];
  pieces: readonly Piece[];
  rows: ReadonlyMap<string, StashRow>;
  rules: RuleBook;
  unit: LengthUnit;
  paint: Paint;
};

type CardsProps = { proposals: readonly Proposal[]; around: Around; onUse: (proposal: Proposal) => void };

/** What was found, side by side; it stays as it is while something is dragged on the drawing. */
export const ProposalCards = memo(function ProposalCards({ proposals, around, onUse }: CardsProps) {
  return (
    <ul className="mt-1.5 flex gap-3 pb-3">
      {proposals.map((proposal, n) => (
        <li key={n} className="shrink-0 text-[13px] leading-snug" style={{ width: CARD_WIDTH }}>
          <ProposalCard proposal={proposal} around={around} onUse={() => onUse(proposal)} />
        </li>
      ))}
    </ul>
  );
});

type CardProps = { proposal: Proposal; around: Around };

/** One arrangement: its seats, why it is offered, what it lacks, what it does to the colours of the room. */
function ProposalCard({ proposal, around, onUse }: CardProps & { onUse: () => void }): ReactNode {
  const t = useTranslations('compose');
  const { rows, seats, rules, paint } = around;
  const shown = proposal.seats.filter((s) => s.placed.length > 0);
  // a chair has one pillow by any school
  const school = shown.find((s) => s.placed.length > 1)?.school;
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
      {school && <span className="block text-soft">{t(`schools.${school}`)}</span>}
      <Button small className="my-1" onClick={onUse}>
        {t('use')}
      </Button>
      <ul className="text-soft">
        {proposal.reasons.map((reason) => (
          <ReasonLine key={reason.code} reason={reason} />
        ))}
        <Lacks proposal={proposal} around={around} />
      </ul>
      <Spread effects={proposal.effects} />
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

const KINDS: readonly EffectKind[] = ['better', 'fresh', 'worse', 'gone'];

/** What an arrangement does to the colours of the room: in a word each, and in numbers for who wants them. */
function Spread({ effects }: { effects: readonly Effect[] }): ReactNode {
  const t = useTranslations('compose');
  const familyName = useFamilyName();
  if (effects.length === 0) return null;
  const of = (kind: EffectKind) =>
    effects.filter((e) => effectKind(e) === kind).map((e) => familyName(e.family));
  return (
    <>
      <ul className="text-soft">
        {KINDS.map((kind) => ({ kind, names: of(kind) }))
          .filter(({ names }) => names.length > 0)
          .map(({ kind, names }) => (
            <li key={kind}>{t(`spread.${kind}`, { names: listWords(names) })}</li>
          ))}
      </ul>
      <Collapsible title={t('colours')}>
        <ul className="text-soft">
          {effects.map((effect) => (
            <EffectLine key={effect.family.id} effect={effect} />
          ))}
        </ul>
      </Collapsible>
    </>
  );
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

/** Seats that stay bare, a pair that would not match, and what would have to be bought. */
function Lacks({ proposal, around }: CardProps): ReactNode {
  const t = useTranslations('compose');
  const nameOf = (id: string) => around.pieces.find((p) => p.id === id)?.name ?? '';
  const bare = proposal.seats.filter((s) => s.placed.length === 0).map((s) => nameOf(s.pieceId));
  const toBuy = useToBuy(proposal, around);
  return (
    <>
      {bare.length > 0 && <li>{t('bare', { seats: listWords(bare) })}</li>}
      {proposal.unlike.map((id) => (
        <li key={id}>{t('unlike', { chair: nameOf(id) })}</li>
      ))}
      {toBuy.length > 0 && (
        <li>
          <Words>{t('toBuy', { things: listWords(toBuy) })}</Words>
        </li>
      )}
    </>
  );
}

/** Covers that only a shop has, inserts and casings, in words. */
function useToBuy(proposal: Proposal, { rows, unit }: Around): string[] {
  const t = useTranslations('compose');
  const size = (of: { widthMm: number; heightMm: number }) => formatBareSize(of.widthMm, of.heightMm, unit);
  return [
    ...proposal.forSale.map(({ itemId, count }) => {
      const row = rows.get(itemId);
      const source = row && isOfShop(row as ShopRow) && row.source ? row.source : 'none';
      return t('buyCover', { count, name: row?.name ?? '', source });
    }),
    ...proposal.inserts.map((m) => t('buyInsert', { count: m.buy, size: size(m), fill: m.fill })),
    ...proposal.casings.map((m) => t('buyCasing', { count: m.buy, size: size(m) })),
  ];
}

/** Puts an arrangement in the place of the pillows of its seats, but for those that are locked. */
export function useProposal(rows: Around['rows']): (proposal: Proposal) => void {
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
