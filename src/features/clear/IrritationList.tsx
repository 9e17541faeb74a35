'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useState, type ReactNode } from 'react';
import { TAKEN, TextField } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';
import { Checkbox } from '../../ui/Checkbox';
import { RemoveButton } from '../../ui/RemoveButton';

/** What bothers people in this room, wall by wall; later stages tick it off. */
export function IrritationList(): ReactNode {
  const t = useTranslations('clear');
  const ts = useTranslations('stages');
  const { file, plan, wallId, change } = useRoom();
  const wallName = useWallName();
  const [said, setSaid] = useState('');
  const here = wallId === 'plan' ? null : wallId;
  const groups = [null, ...plan.walls.map((w) => w.id)]
    .map((id) => ({
      id,
      rows: file.clear.irritations.filter(
        (i) => i.wallId === id || (id === null && !plan.walls.some((w) => w.id === i.wallId)),
      ),
    }))
    .filter((g) => g.rows.length > 0);
  const name = (id: string | null) => {
    const w = plan.walls.find((x) => x.id === id);
    return w ? wallName(w) : t('wholeRoom');
  };
  return (
    <div data-worksheet>
      <TextField
        label={t('bothers', { where: name(here) })}
        draftKey={`${file.room.id}-irritation-new`}
        value=""
        placeholder={t('bothersExample')}
        onCommit={(text) => {
          if (text) {
            change([
              {
                do: 'putIrritation',
                irritation: { id: nanoid(8), wallId: here, text: text.slice(0, 200), doneIn: null },
              },
            ]);
            setSaid(t('noted'));
          }
          return TAKEN;
        }}
      />
      <p role="status" className="sr-only">
        {said}
      </p>
      {groups.map((g) => (
        <section key={g.id ?? 'room'} className="mt-3">
          <h3 className="mb-1 font-narrow text-[13px] font-semibold text-soft">{name(g.id)}</h3>
          <ul>
            {g.rows.map((i) => (
              <li key={i.id} className="flex items-baseline gap-2 border-b border-line py-1.5 text-[14px]">
                <Checkbox
                  checked={i.doneIn !== null}
                  onChange={(checked) =>
                    change([
                      {
                        do: 'putIrritation',
                        irritation: { ...i, doneIn: checked ? 'clear' : null },
                      },
                    ])
                  }
                >
                  <span className={i.doneIn ? 'text-soft line-through' : ''}>{i.text}</span>
                </Checkbox>
                {i.doneIn && <span className="text-[13px] text-soft">{ts(i.doneIn)}</span>}
                <RemoveButton
                  label={t('strike', { text: i.text })}
                  onClick={() => change([{ do: 'removeIrritation', id: i.id }])}
                />
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
