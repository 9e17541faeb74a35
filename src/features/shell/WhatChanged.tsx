'use client';
import { useTranslations } from 'next-intl';
import { useMemo, useState, type ReactNode } from 'react';
import { whatChanged, type ChangedThing, type WhereInLook } from '../../core/plan/whatChanged';
import { planLook } from '../../core/plan/planLook';
import type { Look } from '../../core/model/types';
import { Select } from '../../ui/Select';
import { useRoomAtRest } from './room/RoomContext';
import { useSpotName } from './placing/useSpotName';
import { useWallName, useWallNameOf } from './useWords';

const ACTS = ['out', 'worked', 'moved', 'turned', 'in'] as const;

/** What is done to make another look into this one, thing by thing. */
export function WhatChanged({ look }: { look: Look }): ReactNode {
  const t = useTranslations('changed');
  const { file, plan } = useRoomAtRest();
  const others = [...file.looks].sort((a, b) => a.order - b.order).filter((l) => l.id !== look.id);
  const [from, setFrom] = useState<string | null>(
    () => (others.findLast((l) => l.order < look.order) ?? others[0])?.id ?? null,
  );
  const other = others.find((l) => l.id === from);
  const changes = useMemo(
    () =>
      other
        ? whatChanged({ file, look: other, plan: planLook(file, { lookId: other.id }) }, { file, look, plan })
        : [],
    [file, look, plan, other],
  );
  if (!other) return <p>{t('onlyOne')}</p>;
  return (
    <div className="space-y-4">
      <Select
        label={t('from')}
        value={other.id}
        options={others.map((l) => ({ value: l.id, label: l.name }))}
        onChange={setFrom}
      />
      {changes.length === 0 && <p>{t('nothing', { from: other.name, to: look.name })}</p>}
      {ACTS.map((act) => (
        <Changes key={act} act={act} changes={changes.filter((c) => c.act === act)} />
      ))}
    </div>
  );
}

function Changes({
  act,
  changes,
}: {
  act: ChangedThing['act'];
  changes: readonly ChangedThing[];
}): ReactNode {
  const t = useTranslations('changed');
  const where = useWhere();
  const wallNameOf = useWallNameOf(useRoomAtRest().plan.walls);
  if (changes.length === 0) return null;
  return (
    <section>
      <h3 className="mb-1 font-sans text-[15px] font-semibold">
        {t(`acts.${act}`, { count: changes.length })}
      </h3>
      <ul>
        {changes.map(({ name, count, from, to, work }, i) => (
          <li
            key={i}
            className="grid grid-cols-1 gap-x-3 border-t border-line py-1 text-[15px] sm:grid-cols-[1fr_1fr]"
          >
            <span>
              {work
                ? t(work.isUndone ? 'leftAsIs' : 'work', {
                    act: work.act,
                    on: work.on,
                    name: work.on === 'wall' ? wallNameOf(work.of ?? '') : name,
                  })
                : t('thing', { name, count })}
            </span>
            <span className="text-soft">
              {act === 'moved' && from && to && where(from) !== where(to)
                ? t('fromTo', { from: where(from), to: where(to) })
                : where(to ?? from)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A place in a look, in words. */
function useWhere(): (where: WhereInLook | null) => string {
  const t = useTranslations('changed');
  const { plan } = useRoomAtRest();
  const spotName = useSpotName();
  const wallName = useWallName();
  return (where) => {
    if (where === null) return '';
    if (where.at === 'window') return where.name;
    if (where.at === 'spot')
      return spotName({
        kind: where.kind as Parameters<typeof spotName>[0]['kind'],
        name: where.name,
        part: `part${where.n}`,
        partsOfKind: where.of,
      });
    const wall = plan.walls.find((w) => w.id === where.wallId);
    const name = wall ? wallName(wall) : '';
    return t(where.at === 'floor' ? 'onFloor' : 'onWall', { wall: name });
  };
}
