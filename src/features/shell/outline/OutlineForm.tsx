'use client';
import { Select } from '../../../ui/Select';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { formatLength } from '../../../core/base/length';
import { cm, feet, type Deg, type LengthUnit, type Mm } from '../../../core/base/units';
import type { Point } from '../../../core/geometry/plane';
import {
  closeWalk,
  outlineFromWalk,
  type Leg,
  type OutlineIssue,
  type Survey,
} from '../../../core/room/survey';
import { Button } from '../../../ui/Button';
import { LengthField, NumberField, TAKEN, TextField } from '../../../ui/Field';
import { Words } from '../../../ui/Words';

export const startLegs = (unit: LengthUnit): Leg[] => {
  const [w, d] = unit === 'cm' ? [cm(450), cm(380)] : [feet(14), feet(12)];
  return [w, d, w, d].map((lengthMm) => ({ lengthMm, turnDeg: 90 }));
};

type Props = {
  legs: Leg[];
  onLegs: (legs: Leg[]) => void;
  unit: LengthUnit;
  toleranceMm: Mm;
  draftKey: string;
  startDeg?: Deg;
  start?: Point;
  onSet?: (corners: Point[]) => string | null;
  /** The walls' own names, when they can be given here, and what each is called without one. */
  names?: readonly string[];
  called?: readonly string[];
  onName?: (index: number, name: string) => void;
};

const TURNS = [
  ['right', 90],
  ['left', -90],
  ['right45', 45],
  ['left45', -45],
] as const;

/**
 * Walls typed as a walk round the room, each with the turn at its end; four square ones need only two
 * lengths.
 */
export function OutlineForm({
  legs,
  onLegs,
  unit,
  toleranceMm,
  draftKey,
  startDeg = 0,
  start,
  onSet,
  names,
  called,
  onName,
}: Props): ReactNode {
  const t = useTranslations('outline');
  const square = legs.length === 4 && legs.every((l) => l.turnDeg === 90);
  const [more, setMore] = useState(!square);
  const [refused, setRefused] = useState<string | null>(null);
  const open = more || !square;
  const read = outlineFromWalk(legs, toleranceMm, startDeg, start);
  const says = (i: OutlineIssue): string => {
    switch (i.code) {
      case 'does-not-close':
        return t('does-not-close', { gap: formatLength(i.mm, unit), corner: t(`corner.${i.corner}`) });
      case 'turns-do-not-close':
        return t('turns-do-not-close', { turn: Number((i.turnDeg + 360).toFixed(1)) });
      case 'walls-cross':
        return t('walls-cross', { leg: i.leg + 1 });
      case 'leg-not-positive':
        return t('leg-not-positive', { leg: i.leg + 1 });
      case 'too-few-legs':
        return t('too-few-legs');
    }
  };
  const apply = (next: Leg[]) => {
    onLegs(next);
    setRefused(null);
    const outline = outlineFromWalk(next, toleranceMm, startDeg, start);
    if (!open && outline.ok && onSet) setRefused(onSet(outline.value));
  };
  const setLeg = (i: number, patch: Partial<Leg>) =>
    onLegs(legs.map((l, k) => (k === i ? { ...l, ...patch } : l)));
  const closed = closeWalk(legs);
  const four = (w: Mm, d: Mm): Leg[] => [w, d, w, d].map((lengthMm) => ({ lengthMm, turnDeg: 90 }));
  const issue = read.ok ? null : read.issues[0]!;
  return (
    <div>
      {!open ? (
        <>
          <div className="grid grid-cols-2 gap-x-4">
            <LengthField
              label={t('width')}
              draftKey={`${draftKey}-w`}
              valueMm={legs[0]!.lengthMm}
              unit={unit}
              onCommit={(mm) => {
                apply(four(mm, legs[1]!.lengthMm));
                return TAKEN;
              }}
            />
            <LengthField
              label={t('depth')}
              draftKey={`${draftKey}-d`}
              valueMm={legs[1]!.lengthMm}
              unit={unit}
              onCommit={(mm) => {
                apply(four(legs[0]!.lengthMm, mm));
                return TAKEN;
              }}
            />
          </div>
          <Button small look="quiet" className="mt-1.5 !px-0" onClick={() => setMore(true)}>
            {t('more')}
          </Button>
        </>
      ) : (
        <>
          <ol className="space-y-1.5">
            {legs.map((leg, i) => {
              const named = TURNS.find(([, deg]) => deg === leg.turnDeg)?.[0] ?? 'other';
              return (
                <li key={i} className="grid grid-cols-[1fr_1fr] items-end gap-x-4">
                  <LengthField
                    label={t('leg', { number: i + 1 })}
                    draftKey={`${draftKey}-leg${i}`}
                    size="small"
                    valueMm={leg.lengthMm}
                    unit={unit}
                    onCommit={(lengthMm) => {
                      setLeg(i, { lengthMm });
                      return TAKEN;
                    }}
                  />
                  <div className={named === 'other' ? 'grid grid-cols-[1fr_64px] items-end gap-2' : ''}>
                    <Select
                      label={t('turn')}
                      value={named}
                      options={[...TURNS.map(([n]) => n), 'other' as const].map((n) => ({
                        value: n,
                        label: t(n),
                      }))}
                      onChange={(next) => {
                        const to = TURNS.find(([n]) => n === next);
                        setLeg(i, { turnDeg: to ? to[1] : 60 });
                      }}
                    />
                    {named === 'other' && (
                      <NumberField
                        label={t('angle')}
                        hideLabel
                        draftKey={`${draftKey}-turn${i}`}
                        size="small"
                        suffix="°"
                        value={leg.turnDeg}
                        decimals={2}
                        examples="60, -30"
                        onCommit={(turnDeg) => {
                          if (Math.abs(turnDeg) >= 180) return { took: false, message: t('angle') };
                          setLeg(i, { turnDeg });
                          return TAKEN;
                        }}
                      />
                    )}
                  </div>
                  {names && onName && (
                    <TextField
                      className="col-span-2"
                      label={t('wallName')}
                      hideLabel
                      draftKey={`${draftKey}-name${i}`}
                      size="small"
                      value={names[i] ?? ''}
                      placeholder={called?.[i] ?? t('wallName')}
                      onCommit={(name) => {
                        onName(i, name.slice(0, 40));
                        return TAKEN;
                      }}
                    />
                  )}
                </li>
              );
            })}
          </ol>
          <div className="mt-2 flex flex-wrap gap-2">
            <Button
              small
              onClick={() => onLegs([...legs, { lengthMm: unit === 'cm' ? cm(100) : feet(3), turnDeg: 90 }])}
            >
              {t('add')}
            </Button>
            {legs.length > 3 && (
              <Button small onClick={() => onLegs(legs.slice(0, -1))}>
                {t('remove')}
              </Button>
            )}
            {!read.ok && closed && (
              <Button small onClick={() => onLegs(closed)}>
                {t('close')}
              </Button>
            )}
            {onSet && (
              <Button
                small
                look="strong"
                disabled={!read.ok}
                onClick={() => {
                  if (read.ok) setRefused(onSet(read.value));
                }}
              >
                {t('apply')}
              </Button>
            )}
          </div>
        </>
      )}
      {issue && (
        <p role="alert" className="mt-2 text-[13px]">
          <Words>{says(issue)}</Words>
        </p>
      )}
      {issue && 'survey' in issue && (
        <Correction
          survey={issue.survey}
          unit={unit}
          toleranceMm={toleranceMm}
          onTake={(i, patch) => setLeg(i, patch)}
        />
      )}
      {refused && (
        <p role="alert" className="mt-2 text-[13px]">
          <Words>{refused}</Words>
        </p>
      )}
    </div>
  );
}

/** The one reading whose correction closes the walk best, with a way to take it. */
function Correction({
  survey,
  unit,
  toleranceMm,
  onTake,
}: {
  survey: Survey;
  unit: LengthUnit;
  toleranceMm: Mm;
  onTake: (leg: number, patch: Partial<Leg>) => void;
}): ReactNode {
  const t = useTranslations('outline');
  const best = survey.corrections[0];
  if (!best) return null;
  const left = best.leftMm > toleranceMm ? formatLength(best.leftMm, unit) : 'none';
  const also = survey.corrections
    .slice(1)
    .filter((c) => c.what === best.what && Math.abs(c.leftMm - best.leftMm) < 0.5)
    .map((c) => c.leg + 1);
  const show = (n: number) => (best.what === 'length' ? formatLength(n, unit) : String(Number(n.toFixed(1))));
  const values = {
    leg: best.leg + 1,
    from: show(best.from),
    to: show(best.to),
    left,
    also: also.length > 0 ? also.join(', ') : 'none',
  };
  return (
    <p className="mt-1 text-[13px] text-soft">
      <Words>{best.what === 'length' ? t('tryLength', values) : t('tryTurn', values)}</Words>{' '}
      <Button
        small
        onClick={() =>
          onTake(best.leg, best.what === 'length' ? { lengthMm: best.to } : { turnDeg: best.to })
        }
      >
        <span>
          <Words>{t('take', { value: best.what === 'length' ? show(best.to) : `${show(best.to)}°` })}</Words>
        </span>
      </Button>
    </p>
  );
}
