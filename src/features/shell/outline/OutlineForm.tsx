'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { formatLength } from '../../../core/base/length';
import { feet, cm, type LengthUnit, type Mm } from '../../../core/base/units';
import type { Point } from '../../../core/geometry/plane';
import { outlineFromWalk, type Leg, type OutlineIssue } from '../../../core/room/walls';
import { Button } from '../../../ui/Button';
import { LengthField, TAKEN } from '../../../ui/Field';
import { Words } from '../../../ui/Words';

export const startLegs = (unit: LengthUnit): Leg[] => { const [w, d] = unit === 'cm' ? [cm(450), cm(380)] : [feet(14), feet(12)]; return [w, d, w, d].map((lengthMm) => ({ lengthMm, turn: 'right' as const })); };

/** The legs with the last two set so that the walk comes back to where it began; undefined when no lengths can. */
export function closeWalk(legs: readonly Leg[], toleranceMm: Mm): Leg[] | undefined {
  const measured = legs.map((l, i) => (i < legs.length - 2 ? l : { ...l, lengthMm: 1 }));
  const read = outlineFromWalk(measured, toleranceMm);
  if (read.ok) return measured;
  const miss = read.issues[0]!;
  if (miss.code !== 'does-not-close') return undefined;
  let heading = 0;
  const headings = legs.map((l) => { const h = heading; heading = (heading + (l.turn === 'right' ? 1 : 3)) % 4; return h; });
  const [last, other] = [headings[legs.length - 2]!, headings[legs.length - 1]!];
  const need = (h: number) => 1 - (h === 0 ? miss.eastMm : h === 1 ? miss.southMm : h === 2 ? -miss.eastMm : -miss.southMm);
  const [a, b] = [need(last), need(other)];
  if (a <= 0 || b <= 0 || last % 2 === other % 2) return undefined;
  return measured.map((l, i) => (i === legs.length - 2 ? { ...l, lengthMm: a } : i === legs.length - 1 ? { ...l, lengthMm: b } : l));
}

type Props = { legs: Leg[]; onLegs: (legs: Leg[]) => void; unit: LengthUnit; toleranceMm: Mm; draftKey: string; onSet?: (corners: Point[]) => string | null };

/** Walls typed as a walk round the room; four need only two lengths. */
export function OutlineForm({ legs, onLegs, unit, toleranceMm, draftKey, onSet }: Props): ReactNode {
  const t = useTranslations('outline');
  const [more, setMore] = useState(legs.length > 4);
  const [refused, setRefused] = useState<string | null>(null);
  const read = outlineFromWalk(legs, toleranceMm);
  const says = (i: OutlineIssue): string => {
    switch (i.code) {
      case 'does-not-close': return t('does-not-close', { east: formatLength(Math.abs(i.eastMm), unit), ew: Math.abs(i.eastMm) < 0.5 ? 'level' : i.eastMm > 0 ? 'east' : 'west', south: formatLength(Math.abs(i.southMm), unit), ns: Math.abs(i.southMm) < 0.5 ? 'level' : i.southMm > 0 ? 'south' : 'north' });
      case 'turns-do-not-close': return t('turns-do-not-close', { turns: i.turns });
      case 'walls-cross': return t('walls-cross', { leg: i.leg + 1 });
      case 'leg-not-positive': return t('leg-not-positive', { leg: i.leg + 1 });
    }
  };
  const apply = (next: Leg[]) => {
    onLegs(next);
    setRefused(null);
    const outline = outlineFromWalk(next, toleranceMm);
    if (!more && outline.ok && onSet) setRefused(onSet(outline.value));
  };
  const setLeg = (i: number, patch: Partial<Leg>) => onLegs(legs.map((l, k) => (k === i ? { ...l, ...patch } : l)));
  const closed = closeWalk(legs, toleranceMm);
  const four = (w: Mm, d: Mm): Leg[] => [w, d, w, d].map((lengthMm) => ({ lengthMm, turn: 'right' }));
  return (
    <div>
      {!more ? (
        <>
          <div className="grid grid-cols-2 gap-x-4">
            <LengthField label={t('width')} draftKey={`${draftKey}-w`} valueMm={legs[0]!.lengthMm} unit={unit} onCommit={(mm) => { apply(four(mm, legs[1]!.lengthMm)); return TAKEN; }} />
            <LengthField label={t('depth')} draftKey={`${draftKey}-d`} valueMm={legs[1]!.lengthMm} unit={unit} onCommit={(mm) => { apply(four(legs[0]!.lengthMm, mm)); return TAKEN; }} />
          </div>
          <Button small look="quiet" className="mt-1.5 !px-0" onClick={() => setMore(true)}>{t('more')}</Button>
        </>
      ) : (
        <>
          <ol className="space-y-1.5">
            {legs.map((leg, i) => (
              <li key={i} className="grid grid-cols-[1fr_1fr] items-end gap-x-4">
                <LengthField label={t('leg', { number: i + 1 })} draftKey={`${draftKey}-leg${i}`} size="small" valueMm={leg.lengthMm} unit={unit} onCommit={(lengthMm) => { setLeg(i, { lengthMm }); return TAKEN; }} />
                <label className="text-[13px] text-soft"><span className="block">{t('turn')}</span>
                  <select value={leg.turn} onChange={(e) => setLeg(i, { turn: e.target.value as Leg['turn'] })} className="w-full border-b border-line bg-transparent py-0.5 text-[14px] text-ink"><option value="right">{t('right')}</option><option value="left">{t('left')}</option></select>
                </label>
              </li>
            ))}
          </ol>
          <div className="mt-2 flex flex-wrap gap-2">
            <Button small onClick={() => onLegs([...legs, { lengthMm: unit === 'cm' ? cm(100) : feet(3), turn: 'right' }])}>{t('add')}</Button>
            {legs.length > 4 && <Button small onClick={() => onLegs(legs.slice(0, -1))}>{t('remove')}</Button>}
            {!read.ok && closed && <Button small onClick={() => onLegs(closed)}>{t('close')}</Button>}
            {onSet && <Button small look="strong" disabled={!read.ok} onClick={() => { if (read.ok) setRefused(onSet(read.value)); }}>{t('apply')}</Button>}
          </div>
        </>
      )}
      {!read.ok && <p role="alert" className="mt-2 text-[13px]"><Words>{says(read.issues[0]!)}</Words></p>}
      {refused && <p role="alert" className="mt-2 text-[13px]"><Words>{refused}</Words></p>}
    </div>
  );
}
