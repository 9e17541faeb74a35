'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareSize } from '../../core/base/length';
import type { HangingGroup } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { steady } from '../../ui/steady';
import { Words } from '../../ui/Words';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { useStash } from '../shell/useStash';
import { PlannedPiece } from './PlannedPiece';
import { useWallActs } from './useWallActs';
import { RemoveButton } from '../../ui/RemoveButton';

/** The frames of a group in their order, and more of them. */
export function GroupMembers({ group: g }: { group: HangingGroup }): ReactNode {
  const t = useTranslations('walls');
  const { file, look, change, pick } = useRoom();
  const acts = useWallActs();
  const { unit } = file.room;
  const members = acts.membersOf(g.id);
  const order = (fromIndex: number, toIndex: number) => {
    const ids = members.map((m) => m.id);
    const [id] = ids.splice(fromIndex, 1);
    ids.splice(toIndex, 0, id!);
    acts.reorder(g, ids);
  };
  return (
    <section className="mt-4">
      <h3 className="mb-1 font-sans text-[14px] font-semibold">{t('members')}</h3>
      {members.length === 0 && <p className="text-[14px] text-soft">{t('needFrames')}</p>}
      <ol>
        {members.map((h, i) => {
          const item = itemOf(file, h.itemId);
          return (
            <MemberRow
              key={h.id}
              name={item?.name ?? ''}
              size={formatBareSize(item?.widthMm ?? 0, item?.heightMm ?? 0, unit)}
              isFirst={i === 0}
              isLast={i === members.length - 1}
              onPick={() => pick(h.id)}
              onUp={() => order(i, i - 1)}
              onDown={() => order(i, i + 1)}
              onRemove={() => change([{ do: 'removeHanging', lookId: look.id, id: h.id }])}
            />
          );
        })}
      </ol>
      <AddFrames group={g} />
    </section>
  );
}

type MemberProps = {
  name: string;
  size: string;
  isFirst: boolean;
  isLast: boolean;
  onPick: () => void;
  onUp: () => void;
  onDown: () => void;
  onRemove: () => void;
};

const MemberRow = steady(function MemberRow(props: MemberProps): ReactNode {
  const t = useTranslations('walls');
  const { name } = props;
  return (
    <li className="grid grid-cols-[1fr_auto] items-baseline gap-2 border-t border-line py-1 text-[14px] last:border-b">
      <button
        type="button"
        onClick={props.onPick}
        className="line-clamp-2 pb-1 text-left underline decoration-line underline-offset-4"
      >
        <Words>{`${name}, ${props.size}`}</Words>
      </button>
      <span className="flex gap-1">
        <Button
          small
          variant="quiet"
          aria-label={t('up', { name })}
          disabled={props.isFirst}
          onClick={props.onUp}
        >
          ↑
        </Button>
        <Button
          small
          variant="quiet"
          aria-label={t('down', { name })}
          disabled={props.isLast}
          onClick={props.onDown}
        >
          ↓
        </Button>
        <RemoveButton label={t('out', { name })} onClick={props.onRemove} />
      </span>
    </li>
  );
});

function AddFrames({ group: g }: { group: HangingGroup }): ReactNode {
  const t = useTranslations('walls');
  const { unit } = useRoom().file.room;
  const acts = useWallActs();
  const stash = useStash('art,mirror,frame,wallPanel');
  const add = (id: string) => {
    const found = stash.find((s) => s.id === id);
    if (!found) return;
    const { elsewhere: _elsewhere, ...item } = found;
    acts.addTo(g, item);
  };
  return (
    <div className="mt-2 space-y-2">
      <Select
        label={t('addFrom')}
        value=""
        options={[
          { value: '', label: t('addPick') },
          ...stash.map((s) => ({
            value: s.id,
            label: `${s.name}, ${formatBareSize(s.widthMm, s.heightMm, unit)}`,
          })),
        ]}
        onChange={add}
      />
      <PlannedPiece draftKey={g.id} onAdd={(item) => acts.addTo(g, item)} />
    </div>
  );
}
