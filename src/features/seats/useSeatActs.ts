'use client';
import { nanoid } from 'nanoid';
import type { Change } from '../../core/model/change';
import type { Item, Piece, Placement } from '../../core/model/types';
import { fillFor } from '../../core/stages/seats/insert';
import { useRoom } from '../shell/room/RoomContext';

/** What can be done with the pillows of one seat. */
export function useSeatActs(piece: Piece | undefined) {
  const { file, look, rules, change, pick } = useRoom();
  const { featherFree } = file.home.flags;
  const usualFill = featherFree ? 'polyester' : 'feather';
  const width = piece?.seat?.widthMm ?? piece?.widthMm ?? 0;
  const onSeat = look.placements.filter((p) => p.pieceId === piece?.id && p.as === 'pillow');
  const put = (placement: Placement): Change => ({ do: 'putPlacement', lookId: look.id, placement });
  /** A throw of the arrangement takes the place of the ones that lie there. */
  const throwsReplaced = (placed: readonly Pick<Placement, 'as'>[]) =>
    placed.some((p) => p.as === 'throw')
      ? look.placements.filter((p) => p.pieceId === piece?.id && p.as === 'throw')
      : [];
  const clampX = (x: number) => Math.min(width, Math.max(0, x));
  return {
    onSeat,
    moveChange: (p: Placement, dx: number): Change => put({ ...p, xMm: clampX(p.xMm + dx) }),
    set: (p: Placement, patch: Partial<Placement>): void => change([put({ ...p, ...patch })]),
    /** In front when it overlaps what is there, else in the back row. */
    putOn: (item: Item, xMm: number | null): void => {
      if (!piece) return;
      const x = clampX(xMm ?? width / 2);
      const reach = item.widthMm * 0.44;
      const covered = onSeat.filter((p) => Math.abs(p.xMm - x) < reach);
      const layer = covered.length === 0 ? 0 : Math.min(20, Math.max(...covered.map((p) => p.layer)) + 1);
      const id = nanoid(8);
      change([
        { do: 'putItem', item },
        put({
          id,
          itemId: item.id,
          pieceId: piece.id,
          as: 'pillow',
          xMm: x,
          layer,
          fill: fillFor(item, { featherFree, inserts: file.items }, rules) ?? usualFill,
          turned: false,
        }),
      ]);
      pick(id);
    },
    takeOff: (p: Placement): void => {
      change([{ do: 'removePlacement', lookId: look.id, id: p.id }]);
      pick(null);
    },
    /** Another arrangement in the place of what is on the seat. */
    replaceAll: (
      placed: readonly ({ item: Item } & Pick<Placement, 'as' | 'xMm' | 'layer' | 'fill'>)[],
    ): void => {
      if (!piece) return;
      const items = [...new Map(placed.map((x) => [x.item.id, x.item])).values()];
      change([
        ...items.map((item): Change => ({ do: 'putItem', item })),
        ...placed.map((x): Change =>
          put({
            id: nanoid(8),
            itemId: x.item.id,
            pieceId: piece.id,
            as: x.as,
            xMm: x.xMm,
            layer: x.layer,
            fill: x.fill,
            turned: false,
          }),
        ),
        ...[...onSeat, ...throwsReplaced(placed)].map((p): Change => ({
          do: 'removePlacement',
          lookId: look.id,
          id: p.id,
        })),
      ]);
    },
  };
}
