import { useTranslations } from 'next-intl';
import { useMemo } from 'react';
import { WORK } from '../../core/model/defaults';
import type { Work, WorkAct, WorkedOn } from '../../core/model/types';
import type { WorkPlan } from '../../core/stages/works/planWork';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';

/** What a work can be done on: a part of the room, furniture, or a thing of the stash that the look uses. */
export type Workable = { key: string; name: string } & Pick<Work, 'on' | 'of' | 'itemId'>;

export const keyOf = ({ on, of, itemId }: Pick<Work, 'on' | 'of' | 'itemId'>): string =>
  `${on} ${of ?? itemId ?? ''}`;

const workable = (on: WorkedOn, name: string, more: Partial<Pick<Work, 'of' | 'itemId'>> = {}): Workable => {
  const target = { on, of: null, itemId: null, ...more };
  return { key: keyOf(target), name, ...target };
};

/** Fittings that nobody paints. */
const LEFT_ALONE: ReadonlySet<string> = new Set(['socket', 'switch', 'tv', 'beam']);

/** Everything in the room that can be worked on, in the order in which it is offered. */
export function useWorkables(): readonly Workable[] {
  const t = useTranslations('works');
  const { file, look, plan } = useRoom();
  const wallName = useWallName();
  return useMemo(() => {
    const used = new Set([
      ...plan.placed.map((thing) => thing.item.id),
      ...look.brought.map((row) => row.itemId),
      ...look.hangings.flatMap((h) => [h.itemId, h.print?.itemId ?? '']),
      ...look.dressings.flatMap((d) => [d.itemId ?? '', d.sheer?.itemId ?? '']),
      ...look.works.map((work) => work.itemId ?? ''),
    ]);
    return [
      workable('walls', t('targets.walls')),
      ...plan.walls.map((wall) => workable('wall', wallName(wall), { of: wall.id })),
      workable('trim', t('targets.trim')),
      workable('floor', t('targets.floor')),
      ...file.fittings
        .filter((f) => !LEFT_ALONE.has(f.kind))
        .map((f) => workable('fitting', f.name, { of: f.id })),
      ...file.pieces.map((p) => workable('piece', p.name, { of: p.id })),
      ...file.items.filter((i) => used.has(i.id)).map((i) => workable('item', i.name, { itemId: i.id })),
    ];
  }, [file, look, plan.placed, plan.walls, wallName, t]);
}

export type SetWork = { set: (patch: Partial<Work>) => void };

/** What is done to what, such as “Paint the trim”. */
export function useWorkTitle(): (work: Pick<Work, 'act' | 'on' | 'of'>, name: string) => string {
  const t = useTranslations('fitting');
  const { plan } = useRoom();
  const wallName = useWallName();
  return ({ act, on, of }, name) => {
    const wall = on === 'wall' ? plan.walls.find((w) => w.id === of) : undefined;
    return wall
      ? t('work', { act, on: 'item', name: t('theWall', { wall: wallName(wall) }) })
      : t('work', { act, on, name });
  };
}

/** A work that has just been put on the list: painted in two coats, or with nothing said of its material yet. */
export const newWork = (id: string, act: WorkAct, target: Workable): Work => ({
  ...WORK,
  id,
  act,
  on: target.on,
  of: target.of,
  itemId: target.itemId,
});

/** The wall on which a work is looked at; null where it is on none, or on all. */
export const wallOfWork = ({ work, target }: WorkPlan): string | null =>
  work.on === 'wall' ? work.of : target.wallId;
