'use client';
import { elementAt, first } from '../../../core/base/list';
import { Select } from '../../../ui/Select';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { formatLength } from '../../../core/base/length';
import { cm, feet, type Deg, type LengthUnit, type Mm } from '../../../core/base/units';
import type { Point } from '../../../core/geometry/plane';
import { closeWalk, outlineFromWalk, type Leg, type OutlineIssue } from '../../../core/room/survey';
import { Button } from '../../../ui/Button';
import { LengthField, NumberField, TAKEN, TextField } from '../../../ui/Field';
import { Words } from '../../../ui/Words';
import { Corrections } from './Corrections';

export const startLegs = (unit: LengthUnit): Leg[] => {
  const [w, d] = unit === 'cm' ? [cm(450), cm(380)] : [feet(14), feet(12)];
  return squareLegs(w, d);
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
/** The angle that "other" begins with. */
const OTHER_TURN: Deg = 60;

/**
 * Walls typed as a walk round the room, each with the turn at its end; four square ones need only two
 * lengths.
 */
export function OutlineForm(props: Props): ReactNode {
  const { legs, onLegs, unit, toleranceMm, startDeg = 0, start, onSet } = props;
  const t = useTranslations('outline');
  const square = legs.length === 4 && legs.every((l) => l.turnDeg === 90);
  const [more, setMore] = useState(!square);
  const [refused, setRefused] = useState<string | null>(null);
  const isWalk = more || !square;
  const outlineOf = (walk: Leg[]) => outlineFromWalk(walk, toleranceMm, startDeg, start);
  const outline = outlineOf(legs);
  const issue = outline.ok ? null : outline.issues[0];
  const setLeg = (i: number, patch: Partial<Leg>) =>
    onLegs(legs.map((l, k) => (k === i ? { ...l, ...patch } : l)));
  /** A square room is set as soon as its lengths are; a walk only when it is asked for. */
  const setSquare = (next: Leg[]) => {
    onLegs(next);
    const taken = outlineOf(next);
    setRefused(taken.ok && onSet ? onSet(taken.value) : null);
  };
  const applyWalk = () => {
    if (outline.ok && onSet) setRefused(onSet(outline.value));
  };
  return (
    <div>
      {!isWalk && <SquareRoom {...props} onLegs={setSquare} onMore={() => setMore(true)} />}
      {isWalk && <Walk {...props} onLeg={setLeg} />}
      {isWalk && <WalkButtons {...props} closes={outline.ok} onApply={onSet && applyWalk} />}
      {issue && <Problem>{issueWords(issue, unit, t)}</Problem>}
      {issue && 'survey' in issue && (
        <Corrections {...{ legs, unit, toleranceMm, startDeg, start }} onTake={onLegs} />
      )}
      {refused && <Problem>{refused}</Problem>}
    </div>
  );
}

function Problem({ children }: { children: string }): ReactNode {
  return (
    <p role="alert" className="mt-2 text-[13px]">
      <Words>{children}</Words>
    </p>
  );
}

function issueWords(
  i: OutlineIssue,
  unit: LengthUnit,
  t: ReturnType<typeof useTranslations<'outline'>>,
): string {
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
}

const squareLegs = (widthMm: Mm, depthMm: Mm): Leg[] =>
  [widthMm, depthMm, widthMm, depthMm].map((lengthMm) => ({ lengthMm, turnDeg: 90 }));

/** A room with four square corners: its width and its depth. */
function SquareRoom({ legs, onLegs, unit, draftKey, onMore }: Props & { onMore: () => void }): ReactNode {
  const t = useTranslations('outline');
  const [widthMm, depthMm] = [first(legs).lengthMm, elementAt(legs, 1).lengthMm];
  return (
    <>
      <div className="grid grid-cols-2 gap-x-4">
        <LengthField
          label={t('width')}
          draftKey={`${draftKey}-w`}
          valueMm={widthMm}
          unit={unit}
          onCommit={(mm) => {
            onLegs(squareLegs(mm, depthMm));
            return TAKEN;
          }}
        />
        <LengthField
          label={t('depth')}
          draftKey={`${draftKey}-d`}
          valueMm={depthMm}
          unit={unit}
          onCommit={(mm) => {
            onLegs(squareLegs(widthMm, mm));
            return TAKEN;
          }}
        />
      </div>
      <Button small variant="quiet" className="mt-1.5 !px-0" onClick={onMore}>
        {t('more')}
      </Button>
    </>
  );
}

type WalkProps = Props & { onLeg: (index: number, patch: Partial<Leg>) => void };

/** Wall after wall: its length, the turn at its end and, where it can be given, its name. */
function Walk({ legs, unit, draftKey, names, called, onName, onLeg }: WalkProps): ReactNode {
  const t = useTranslations('outline');
  return (
    <ol className="space-y-1.5">
      {legs.map((leg, i) => (
        <li key={i} className="grid grid-cols-[1fr_1fr] items-end gap-x-4">
          <LengthField
            label={t('leg', { number: i + 1 })}
            draftKey={`${draftKey}-leg${i}`}
            size="small"
            valueMm={leg.lengthMm}
            unit={unit}
            onCommit={(lengthMm) => {
              onLeg(i, { lengthMm });
              return TAKEN;
            }}
          />
          <TurnFields
            turnDeg={leg.turnDeg}
            draftKey={`${draftKey}-turn${i}`}
            onTurn={(turnDeg) => onLeg(i, { turnDeg })}
          />
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
      ))}
    </ol>
  );
}

/** The turn at a wall's end: one of the usual ones, or an angle. */
function TurnFields({
  turnDeg,
  draftKey,
  onTurn,
}: {
  turnDeg: Deg;
  draftKey: string;
  onTurn: (deg: Deg) => void;
}): ReactNode {
  const t = useTranslations('outline');
  const named = TURNS.find(([, deg]) => deg === turnDeg)?.[0] ?? 'other';
  return (
    <div className={named === 'other' ? 'grid grid-cols-[1fr_64px] items-end gap-2' : ''}>
      <Select
        label={t('turn')}
        value={named}
        options={[...TURNS.map(([n]) => n), 'other' as const].map((n) => ({ value: n, label: t(n) }))}
        onChange={(next) => onTurn(TURNS.find(([n]) => n === next)?.[1] ?? OTHER_TURN)}
      />
      {named === 'other' && (
        <NumberField
          label={t('angle')}
          hideLabel
          draftKey={draftKey}
          size="small"
          suffix="°"
          value={turnDeg}
          decimals={2}
          examples="60, -30"
          onCommit={(deg) => {
            if (Math.abs(deg) >= 180) return { took: false, message: t('angle') };
            onTurn(deg);
            return TAKEN;
          }}
        />
      )}
    </div>
  );
}

type WalkButtonsProps = Props & { closes: boolean; onApply: (() => void) | undefined };

function WalkButtons({ legs, onLegs, unit, closes, onApply }: WalkButtonsProps): ReactNode {
  const t = useTranslations('outline');
  const closed = closes ? null : closeWalk(legs);
  const added: Leg = { lengthMm: unit === 'cm' ? cm(100) : feet(3), turnDeg: 90 };
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      <Button small onClick={() => onLegs([...legs, added])}>
        {t('add')}
      </Button>
      {legs.length > 3 && (
        <Button small onClick={() => onLegs(legs.slice(0, -1))}>
          {t('remove')}
        </Button>
      )}
      {closed && (
        <Button small onClick={() => onLegs(closed)}>
          {t('close')}
        </Button>
      )}
      {onApply && (
        <Button small variant="primary" disabled={!closes} onClick={onApply}>
          {t('apply')}
        </Button>
      )}
    </div>
  );
}
