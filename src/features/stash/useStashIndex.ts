'use client';
import { useCallback, useEffect, useState } from 'react';
import { prepare, UNUSED, type Prepared, type Used } from '../../core/stash/entry';
import type { Item } from '../../core/model/types';

type Row = [
  string,
  string,
  Item['kind'],
  number,
  number,
  number,
  number,
  number,
  Item['colours'],
  Item['pattern']['kind'],
  number,
  Item['texture'],
  Item['season'],
  Item['state'],
  0 | 1,
  string | null,
  string | null,
  string | null,
  string,
  string | null,
  Item['colourFrom'],
  0 | 1,
  number,
  Item['wish'],
  Item['bedding'],
];
type UsedRow = [string, number, number, number, number, number];

/** By name whatever its capitals; names that begin with a size come last. */
function byName(entries: Prepared[]): Prepared[] {
  const keyed = entries.map((entry) => ({
    entry,
    key: `${/^\d/.test(entry.name) ? 1 : 0}${entry.name.toLowerCase()}`,
  }));
  return keyed
    .sort((a, b) => {
      if (a.key < b.key) return -1;
      return a.key > b.key ? 1 : 0;
    })
    .map((k) => k.entry);
}

const AGAIN_MS = 2000;

/**
 * The stash in short rows, fetched once and again after each change; without an answer it is asked for again
 * until there is one.
 */
export function useStashIndex(): {
  entries: Prepared[] | null;
  silent: boolean;
  reload: () => Promise<void>;
} {
  const [entries, setEntries] = useState<Prepared[] | null>(null);
  const [silent, setSilent] = useState(false);
  const reload = useCallback(async () => {
    const answer = await fetch('/api/stash/index').catch(() => null);
    setSilent(!answer?.ok);
    if (!answer?.ok) return;
    const { items, used } = (await answer.json()) as { items: Row[]; used: UsedRow[] };
    const usedOf = new Map<string, Used>(
      used.map(([id, spring, summer, autumn, winter, any]) => [id, { spring, summer, autumn, winter, any }]),
    );
    setEntries(
      byName(
        items.map(
          ([
            id,
            name,
            kind,
            count,
            setOf,
            widthMm,
            heightMm,
            depthMm,
            colours,
            patternKind,
            repeatMm,
            texture,
            season,
            state,
            tagsOn,
            returnBy,
            placeId,
            roomId,
            whereabouts,
            photoId,
            colourFrom,
            seen,
            price,
            wish,
            bedding,
          ]) =>
            prepare({
              id,
              name,
              kind,
              count,
              setOf,
              widthMm,
              heightMm,
              depthMm,
              colours,
              pattern: { kind: patternKind, repeatMm },
              texture,
              season,
              state,
              tagsOn: tagsOn === 1,
              returnBy,
              placeId,
              roomId,
              whereabouts,
              photoId,
              colourFrom,
              seen: seen === 1,
              price,
              wish,
              bedding,
              used: usedOf.get(id) ?? UNUSED,
            }),
        ),
      ),
    );
  }, []);
  useEffect(() => {
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the rows are fetched when the page stands
    void reload();
  }, [reload]);
  useEffect(() => {
    if (!silent) return;
    const again = window.setInterval(() => {
      void reload();
    }, AGAIN_MS);
    return () => window.clearInterval(again);
  }, [silent, reload]);
  return { entries, silent, reload };
}
