'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useMemo, useState, type ReactNode, type RefObject } from 'react';
import { BROUGHT } from '../../../core/model/defaults';
import { inches, toMark, type Mm } from '../../../core/base/units';
import type { Item, ItemKind } from '../../../core/model/types';
import { pieceOf, STANDS_AS } from '../../../core/room/arrange';
import { squareTurn } from '../../../core/room/walls';
import { PlacingStrip } from '../../shell/placing/PlacingStrip';
import { countsOf, usesOf } from '../../shell/placing/uses';
import { useShop, type ShopRow, type StripRow } from '../../shell/placing/useShop';
import { useRoom } from '../../shell/room/RoomContext';
import { useStash, type StashRow } from '../../shell/useStash';
import { whereDropped } from '../adding';
import { whereFree } from '../library/pieces';

const KINDS_LIST = Object.keys(STANDS_AS) as ItemKind[];
const KINDS = KINDS_LIST.join(',');
/** A rug is as large as people mostly buy one, 8 by 10 ft (common practice); the room is larger than anything else. */
const WISH = { kinds: KINDS_LIST, mostWidthMm: inches(120), mostHeightMm: inches(96) };
const noNote = () => null;
const NOWHERE = { xMm: 0, yMm: 0 };

type Here = { roomId: string; used: string };

/** In this room first, then what shops have, then what is all in use. */
function inOrder(found: readonly StashRow[], shop: readonly ShopRow[], { roomId, used }: Here): StripRow[] {
  const counts = countsOf(used);
  const isTaken = (row: StashRow) => row.count <= (counts.get(row.id) ?? 0) + (row.elsewhere?.count ?? 0);
  const rank = (row: StashRow) => (row.roomId === roomId ? 0 : 1);
  const owned = found.filter((row) => row.state !== 'gone').sort((a, b) => rank(a) - rank(b));
  return [...owned.filter((row) => !isTaken(row)), ...shop, ...owned.filter(isTaken)];
}

/** What of the stash can stand on the floor of this look: in this room first, then what shops have, then what is in use. */
export function ArrangeStrip({ box }: { box: RefObject<HTMLDivElement | null> }): ReactNode {
  const t = useTranslations('arrange');
  const { file, arranged, look, plan, change, pick } = useRoom();
  const found = useStash(KINDS);
  const [problem, setProblem] = useState(false);
  const { unit } = file.room;
  const shop = useShop(KINDS);
  const used = usesOf(look.brought.map(({ itemId }) => ({ itemId, count: 1 })));
  const roomId = file.room.id;
  const rows = useMemo(() => inOrder(found, shop, { roomId, used }), [found, shop, roomId, used]);
  const bringIn = (item: Item, place: { xMm: Mm; yMm: Mm } | undefined) => {
    const id = nanoid(8);
    const piece = pieceOf(item, { id, ...NOWHERE, turnDeg: squareTurn(plan.walls) });
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
