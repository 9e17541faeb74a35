'use client';
import { useTranslations } from 'next-intl';
import { useEffect, useMemo, useState } from 'react';
import { findInStudioAction } from '../../../actions/studio';
import type { Find } from './find';

type FoundInStudio = Awaited<ReturnType<typeof findInStudioAction>>;
const TYPED_MS = 120;
const MOST_LETTERS = 80;

/** What the studio has by the words typed; `silent` while it does not answer. */
export function useFoundInStudio(typed: string): { found: FoundInStudio | null; silent: boolean } {
  const [state, setState] = useState<{ found: FoundInStudio | null; silent: boolean }>({
    found: null,
    silent: false,
  });
  useEffect(() => {
    let here = true;
    const timer = setTimeout(() => {
      findInStudioAction(typed.slice(0, MOST_LETTERS)).then(
        (found) => here && setState({ found, silent: false }),
        () => here && setState((now) => ({ ...now, silent: true })),
      );
    }, TYPED_MS);
    return () => {
      here = false;
      clearTimeout(timer);
    };
  }, [typed]);
  return state;
}

/** What was found in the studio as finds: rooms, looks of other rooms, things and storage places. */
export function useStudioFinds(
  found: FoundInStudio | null,
  roomId: string | null,
  onThing?: (id: string) => void,
): Find[] {
  const t = useTranslations();
  return useMemo((): Find[] => {
    if (!found) return [];
    const { rooms, looks, things, places } = found;
    return [
      ...rooms
        .filter((r) => r.id !== roomId)
        .map((r): Find => ({
          key: `room ${r.id}`,
          group: 'rooms',
          name: r.name,
          beside: r.homeName,
          go: { href: `/rooms/${r.id}/measure` },
        })),
      ...looks
        .filter((l) => l.roomId !== roomId)
        .map((l): Find => ({
          key: `look ${l.roomId} ${l.id}`,
          group: 'looks',
          name: l.name,
          beside: l.roomName,
          go: { href: `/rooms/${l.roomId}/colour?look=${l.id}` },
        })),
      ...things.map(({ id, name, where }): Find => ({
        key: `thing ${id}`,
        group: 'things',
        name,
        beside: where || t('find.inStash'),
        go: onThing ? { act: () => onThing(id) } : { href: `/stash?item=${id}` },
      })),
      ...places.map(({ id, name }): Find => ({
        key: `place ${id}`,
        group: 'places',
        name,
        beside: t('find.inStash'),
        go: { href: '/stash?tab=places' },
      })),
    ];
  }, [found, roomId, onThing, t]);
}
