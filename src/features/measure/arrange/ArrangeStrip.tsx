'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useState, type ReactNode, type RefObject } from 'react';
import { BROUGHT } from '../../../core/model/defaults';
import { inches, toMark, type Mm } from '../../../core/base/units';
import type { Item, ItemKind } from '../../../core/model/types';
import { pieceOf, STANDS_AS } from '../../../core/room/arrange';
import { PlacingStrip } from '../../shell/placing/PlacingStrip';
import { useShop } from '../../shell/placing/useShop';
import { useRoom } from '../../shell/room/RoomContext';
import { useStash, type StashRow } from '../../shell/useStash';
import { whereDropped } from '../adding';
import { whereFree } from '../library/pieces';

const KINDS_LIST = Object.keys(STANDS_AS) as ItemKind[];
const KINDS = KINDS_LIST.join(',');
/** A rug is as large as people mostly buy one, 8 by 10 ft (common practice); the room is larger than anything else. */
const WISH = { kinds: KINDS_LIST, mostWidthMm: inches(120), mostHeightMm: inches(96) };
const noNote = () => null;
const NOWHERE = { xMm: 0, yMm: 0, turnDeg: 0 };

/** What of the stash can stand on the floor of this look: in this room first, then what shops have, then what is in use. */
export function ArrangeStrip({ box }: { box: RefObject<HTMLDivElement | null> }): ReactNode {
  const t = useTranslations('arrange');
  const { file, arranged, look, change, pick } = useRoom();
  const found = useStash(KINDS);
  const [problem, setProblem] = useState(false);
  const { unit } = file.room;
  const used = new Map<string, number>();
  for (const { itemId } of look.brought) used.set(itemId, (used.get(itemId) ?? 0) + 1);
  const isTaken = (row: StashRow) => row.count <= (used.get(row.id) ?? 0) + (row.elsewhere?.count ?? 0);
  const rank = (row: StashRow) => (row.roomId === file.room.id ? 0 : 1);
  const shop = useShop(KINDS);
  const owned = found.filter((row) => row.state !== 'gone').sort((a, b) => rank(a) - rank(b));
  const rows = [...owned.filter((row) => !isTaken(row)), ...shop, ...owned.filter(isTaken)];
  const bringIn = (item: Item, place: { xMm: Mm; yMm: Mm } | undefined) => {
    const id = nanoid(8);
    const piece = pieceOf(item, { id, ...NOWHERE });
    if (!piece) return;
    const at = place
      ? { ...piece, xMm: toMark(place.xMm, unit), yMm: toMark(place.yMm, unit) }
      : whereFree(piece, arranged);
    setProblem(!at);
    if (!at) return;
    const { xMm, yMm, turnDeg } = at;
    const brought = { id, itemId: item.id, ...BROUGHT, xMm, yMm, turnDeg };
    change([
      { do: 'putItem', item },
      { do: 'putBrought', lookId: look.id, brought },
    ]);
    pick(id);
  };
  return (
    <PlacingStrip
      rows={rows}
      noteOf={noNote}
      wish={WISH}
      onDrop={(item, clientX, clientY) => {
        const place = whereDropped(box.current, 'plan', file, clientX, clientY);
        if (place) bringIn(item, place);
      }}
      onPut={(item) => bringIn(item, undefined)}
    >
      {problem && (
        <p role="alert" className="mb-1.5 text-[13px]">
          {t('noPlace')}
        </p>
      )}
    </PlacingStrip>
  );
}
