'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Lab } from '../../core/colour/spaces';
import type { Piece, Seat } from '../../core/model/types';
import type { Candidate, LookAsk, LookProgress, Proposal } from '../../core/plan/seats/composeInLook';
import { ROLES, type Role, type School } from '../../core/stages/seats/compose/ask';
import { startComposer, type Composer } from '../../workers/compose/client';
import { useRoom } from '../shell/room/RoomContext';
import { isOfShop, type ShopRow } from '../shell/placing/useShop';
import type { StashRow } from '../shell/useStash';

const SEED = 7;

export type Wishes = {
  /** All seats of the room together, or the one that is open. */
  together: boolean;
  school: School | 'any';
  /** Colours that are wanted, by their families' ids. */
  families: readonly string[];
  roles: readonly Role[];
  withShop: boolean;
};
export const NO_WISHES: Wishes = {
  together: false,
  school: 'any',
  families: [],
  roles: [],
  withShop: false,
};

/** Covers and throws of the stash, once it has answered, and those of the shop. */
export type OnOffer = {
  isThere: boolean;
  covers: readonly StashRow[];
  throws: readonly StashRow[];
  shop: readonly ShopRow[];
};

export type ComposerState = {
  /** How far the search is; null while none runs. */
  running: LookProgress | null;
  /** What was found; null until the first search has ended. */
  found: readonly Proposal[] | null;
  /** The seats that were asked for. */
  seats: readonly (Piece & { seat: Seat })[];
  rows: ReadonlyMap<string, StashRow>;
  search: () => void;
  stop: () => void;
};

/**
 * Looks for other ways of dressing a seat or all seats, beside the page: once the stash is there, and again when something
 * else is wished. What is changed by hand meanwhile does not shuffle what is offered.
 */
export function useComposer(
  piece: Piece & { seat: Seat },
  seats: readonly (Piece & { seat: Seat })[],
  stash: OnOffer,
  wishes: Wishes,
): ComposerState {
  const { file, look, plan } = useRoom();
  const composer = useRef<Composer | null>(null);
  const [running, setRunning] = useState<LookProgress | null>(null);
  const [found, setFound] = useState<readonly Proposal[] | null>(null);
  const asked = useMemo(() => (wishes.together ? seats : [piece]), [wishes.together, seats, piece]);
  const rows = useMemo(
    () => new Map([...stash.covers, ...stash.throws, ...stash.shop].map((row) => [row.id, row])),
    [stash.covers, stash.throws, stash.shop],
  );
  const latest = useRef({ file, look, plan, asked, stash });
  useEffect(() => {
    latest.current = { file, look, plan, asked, stash };
  });
  useEffect(
    () => () => {
      composer.current?.close();
      composer.current = null;
    },
    [],
  );
  const { together, school, withShop } = wishes;
  const families = wishes.families.join(' ');
  const roles = wishes.roles.join(' ');
  const turn = useRef(0);
  const search = useCallback(() => {
    const now = latest.current;
    const wanted = now.plan.spread.families.filter((f) => families.split(' ').includes(f.id));
    const mine = ++turn.current;
    const isCurrent = () => mine === turn.current;
    composer.current?.close();
    composer.current = startComposer();
    setRunning({ done: 0, of: 1, best: [] });
    composer.current
      .search(
        askOf(now, {
          school: school === 'any' ? null : school,
          withShop,
          wanted: wanted.map((f) => f.seed),
          roles: ROLES.filter((role) => roles.split(' ').includes(role)),
        }),
        (p) => {
          if (isCurrent()) setRunning(p);
        },
      )
      .then((proposals) => {
        if (!isCurrent()) return;
        setRunning(null);
        setFound(proposals);
      })
      .catch(() => {
        if (!isCurrent()) return;
        setRunning(null);
        setFound([]);
      });
  }, [school, withShop, families, roles]);
  const isStashThere = stash.isThere;
  useEffect(() => {
    if (isStashThere) queueMicrotask(search);
  }, [isStashThere, search, piece.id, look.id, together]);
  const stop = useCallback(() => composer.current?.stop(), []);
  return { running, found, seats: asked, rows, search, stop };
}

type Latest = {
  file: LookAsk['file'];
  look: { id: string };
  asked: readonly Piece[];
  stash: OnOffer;
};

function askOf(
  { file, look, asked, stash }: Latest,
  {
    school,
    withShop,
    wanted,
    roles,
  }: { school: School | null; withShop: boolean; wanted: readonly Lab[]; roles: readonly Role[] },
): LookAsk {
  const shop = withShop ? stash.shop : [];
  const candidates = (rows: readonly (StashRow | ShopRow)[], kind: 'cover' | 'throw'): Candidate[] =>
    [...rows, ...shop.filter((row) => row.kind === kind)].map((row) => ({
      ...row,
      elsewhere: row.elsewhere?.count ?? 0,
      inShop: isOfShop(row) ? row.shop.stock : null,
    }));
  return {
    file,
    lookId: look.id,
    seatIds: asked.map((p) => p.id),
    school,
    covers: candidates(stash.covers, 'cover'),
    throws: candidates(stash.throws, 'throw'),
    wantedColours: wanted,
    wantedRoles: roles,
    seed: SEED,
  };
}
