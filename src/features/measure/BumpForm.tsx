'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useState, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { cm, inches, type Mm } from '../../core/base/units';
import { OPENING } from '../../core/model/defaults';
import { applyChange, type Change } from '../../core/model/change';
import type { Opening } from '../../core/model/types';
import { withBump, type BumpIssue } from '../../core/room/bump';
import { wallsOf } from '../../core/room/walls';
import { guessesFor } from '../../core/stages/measure/readings';
import { Button } from '../../ui/Button';
import { LengthField, NumberField, TAKEN } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { SheetTitle } from '../shell/Workspace';

export type BumpKind = 'bay' | 'alcove' | 'breast';

/**
 * A bay, an alcove or a chimney breast in the wall that is shown; a bay brings a window for each of its
 * sides.
 */
export function BumpForm({
  kind,
  wallId,
  onDone,
}: {
  kind: BumpKind;
  wallId: string;
  onDone: () => void;
}): ReactNode {
  const t = useTranslations('measure');
  const { file, plan, change, setWall } = useRoom();
  const wall = plan.walls.find((w) => w.id === wallId)!;
  const { unit, ceilingMm } = file.room;
  const some = (inch: number, metric: number): Mm => (unit === 'cm' ? cm(metric) : inches(inch));
  const [width, setWidth] = useState<Mm>(
    Math.min(wall.lengthMm * 0.8, kind === 'breast' ? some(60, 150) : some(90, 230)),
  );
  const [depth, setDepth] = useState<Mm>(kind === 'bay' ? some(24, 60) : some(14, 35));
  const [from, setFrom] = useState<Mm>(
    (wall.lengthMm - Math.min(wall.lengthMm * 0.8, kind === 'breast' ? some(60, 150) : some(90, 230))) / 2,
  );
  const [splay, setSplay] = useState(kind === 'bay' ? 45 : 90);
  const [problem, setProblem] = useState<string | null>(null);
  const says = (i: BumpIssue): string => {
    switch (i.code) {
      case 'past-the-wall':
        return t('bump.past-the-wall', { room: formatLength(i.roomMm, unit) });
      case 'no-front':
        return t('bump.no-front', { most: formatLength(Math.max(0, i.atMostMm), unit) });
      case 'in-the-way':
        return t('bump.in-the-way', { name: i.name });
      case 'wall-missing':
        return t('bump.wall-missing');
      case 'walls-cross':
        return t('bump.walls-cross');
    }
  };
  const make = () => {
    const ids = { left: nanoid(8), front: nanoid(8), right: nanoid(8), rest: nanoid(8) };
    const made = withBump(
      file,
      { wallId, xMm: from, widthMm: width, depthMm: kind === 'breast' ? -depth : depth, splayDeg: splay },
      ids,
    );
    if (!made.ok) {
      setProblem(says(made.issues[0]!));
      return;
    }
    const next = made.value;
    // the walls and all that stands on them change in one act
    const changes: Change[] = [
      { do: 'setRoom', room: next.room },
      ...next.openings
        .filter((o, i) => o !== file.openings[i])
        .map((opening): Change => ({ do: 'putOpening', opening })),
      ...next.fittings
        .filter((f, i) => f !== file.fittings[i])
        .map((fitting): Change => ({ do: 'putFitting', fitting })),
      ...next.looks.flatMap((l, i) =>
        l.hangings
          .filter((h, k) => h !== file.looks[i]!.hangings[k])
          .map((hanging): Change => ({ do: 'putHanging', lookId: l.id, hanging })),
      ),
    ];
    const frontId = next.room.walls.some((w) => w.id === ids.front) ? ids.front : wallId;
    if (kind === 'bay') {
      const sides = wallsOf(next.room).filter(
        (w) => w.id === ids.left || w.id === frontId || w.id === ids.right,
      );
      const margin = some(4, 10);
      const windows = sides
        .filter((w) => w.lengthMm > some(16, 40))
        .map((w): Opening => ({
          ...OPENING,
          id: nanoid(8),
          name: t('bayWindow', { n: sides.indexOf(w) + 1 }),
          kind: 'window',
          wallId: w.id,
          xMm: margin,
          widthMm: w.lengthMm - 2 * margin,
          sillMm: Math.min(some(24, 60), ceilingMm * 0.3),
          heightMm: Math.min(some(54, 135), ceilingMm * 0.55),
          trimMm: Math.min(some(2, 5), margin - 1),
          opens: 'sash',
          dropsMm: null,
        }));
      let after = changes.reduce(applyChange, file);
      for (const opening of windows) {
        const put: Change = { do: 'putOpening', opening };
        after = applyChange(after, put);
        changes.push(put, { do: 'markReadings', readings: guessesFor(after, opening.id) });
      }
    }
    change(changes);
    setWall(kind === 'bay' ? frontId : 'plan');
    onDone();
  };
  const positive = (mm: Mm, set: (mm: Mm) => void) => {
    if (mm <= 0) return { took: false as const, message: '' };
    set(mm);
    setProblem(null);
    return TAKEN;
  };
  return (
    <div className="space-y-2.5">
      <SheetTitle says={t(`bump.says.${kind}`)}>{t(`kinds.${kind}`)}</SheetTitle>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <LengthField
          label={t('fromLeft')}
          draftKey={`bump-${wallId}-from`}
          valueMm={from}
          unit={unit}
          onCommit={(mm) => {
            setFrom(mm);
            setProblem(null);
            return TAKEN;
          }}
        />
        <LengthField
          label={t('bump.width')}
          draftKey={`bump-${wallId}-width`}
          valueMm={width}
          unit={unit}
          onCommit={(mm) => positive(mm, setWidth)}
        />
        <LengthField
          label={t('depth')}
          draftKey={`bump-${wallId}-depth`}
          valueMm={depth}
          unit={unit}
          onCommit={(mm) => positive(mm, setDepth)}
        />
        <NumberField
          label={t('bump.splay')}
          draftKey={`bump-${wallId}-splay`}
          value={splay}
          suffix="°"
          examples="45"
          within={[15, 90]}
          onCommit={(n) => {
            setSplay(n);
            setProblem(null);
            return TAKEN;
          }}
        />
      </div>
      {problem && (
        <p role="alert" className="text-[13px]">
          <Words>{problem}</Words>
        </p>
      )}
      <div className="flex gap-2 pt-1">
        <Button look="strong" onClick={make}>
          {t('bump.make')}
        </Button>
        <Button onClick={onDone}>{t('bump.leave')}</Button>
      </div>
    </div>
  );
}
