'use client';
import { findOne } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { cm, inches, type Mm } from '../../core/base/units';
import type { BumpIssue } from '../../core/room/bump';
import { Button } from '../../ui/Button';
import { LengthField, NumberField, TAKEN } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { SheetTitle } from '../shell/Workspace';
import { buildBump, type BumpKind } from './buildBump';

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
  const wall = findOne(plan.walls, (w) => w.id === wallId);
  const { unit } = file.room;
  const some = (inch: number, metric: number): Mm => (unit === 'cm' ? cm(metric) : inches(inch));
  const [width, setWidth] = useState<Mm>(
    Math.min(wall.lengthMm * 0.8, kind === 'breast' ? some(60, 150) : some(90, 230)),
  );
  const [depth, setDepth] = useState<Mm>(kind === 'bay' ? some(24, 60) : some(14, 35));
  const [fromMm, setFrom] = useState<Mm>(
    (wall.lengthMm - Math.min(wall.lengthMm * 0.8, kind === 'breast' ? some(60, 150) : some(90, 230))) / 2,
  );
  const [splay, setSplay] = useState(kind === 'bay' ? 45 : 90);
  const [problem, setProblem] = useState<string | null>(null);
  const issueWords = (i: BumpIssue): string => {
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
    const bump = { wallId, xMm: fromMm, widthMm: width, depthMm: depth, splayDeg: splay };
    const made = buildBump(file, kind, bump, (n) => t('bayWindow', { n }));
    if (!made.ok) {
      setProblem(issueWords(made.issues[0]));
      return;
    }
    change(made.value.changes);
    setWall(kind === 'bay' ? made.value.frontId : 'plan');
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
      <SheetTitle detail={t(`bump.intro.${kind}`)}>{t(`kinds.${kind}`)}</SheetTitle>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <LengthField
          label={t('fromLeft')}
          draftKey={`bump-${wallId}-from`}
          valueMm={fromMm}
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
          range={[15, 90]}
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
        <Button variant="primary" onClick={make}>
          {t('bump.make')}
        </Button>
        <Button onClick={onDone}>{t('bump.leave')}</Button>
      </div>
    </div>
  );
}
