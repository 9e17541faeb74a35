'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength, plainUnit } from '../../core/base/length';
import type { Dressing, Opening } from '../../core/model/types';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { LengthField, TAKEN, type Answer } from '../../ui/Field';
import { RadioGroup } from '../../ui/RadioGroup';
import { useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { useWindowActs } from './useWindowActs';

/** The rod by its height, by the finished length, by its span and its reach past the trim. */
export function RodFields({
  opening: o,
  dressing: d,
  plan: w,
  inside,
}: {
  opening: Opening;
  dressing: Dressing;
  plan: WindowPlan;
  /** Fixed within the reveal, where nothing reaches past the frame. */ inside: boolean;
}): ReactNode {
  const t = useTranslations('windows');
  const { file, rules } = useRoom();
  const acts = useWindowActs(o, d, w);
  const unit = file.room.unit;
  const key = (field: string) => `${file.room.id}-${d.id}-${field}`;
  const [pinLow, pinHigh] = rules.range('windows.pinRange');
  const setPin = (pinMm: number): Answer => {
    if (pinMm < pinLow - 0.01 || pinMm > pinHigh + 0.01)
      return {
        took: false,
        message: t('pinRefused', { low: formatLength(pinLow, unit), high: formatLength(pinHigh, unit) }),
      };
    acts.set({ pinMm, route: null });
    return TAKEN;
  };
  return (
    <>
      <LengthField
        label={t('rod')}
        draftKey={key('rod')}
        valueMm={w.rodHeightMm}
        unit={unit}
        onCommit={acts.setRod}
        onClear={acts.rodByRule}
      />
      <LengthField
        label={t('length')}
        draftKey={key('length')}
        valueMm={w.finishedLengthMm}
        unit={plainUnit(unit)}
        onCommit={(mm) => acts.setLength(mm)}
        onClear={acts.rodByRule}
      />
      {!inside && w.openingIds.length === 1 && (
        <LengthField
          label={t('span')}
          draftKey={key('span')}
          valueMm={w.bracketToBracketMm}
          unit={unit}
          onCommit={acts.setSpan}
          onClear={() => acts.set({ extensionLeftMm: null, extensionRightMm: null })}
        />
      )}
      {d.heading === 'pinchPleat' && (
        <LengthField
          label={t('pin')}
          draftKey={key('pin')}
          valueMm={d.pinMm ?? rules.number('windows.pin')}
          unit={unit}
          onCommit={setPin}
          onClear={() => acts.set({ pinMm: null, route: null })}
        />
      )}
      {!inside && (
        <>
          <LengthField
            label={`${t('extension')}, ${t('left')}`}
            draftKey={key('left')}
            valueMm={w.extensionLeftMm}
            unit={unit}
            onCommit={(mm) => acts.setExtension('left', mm)}
            onClear={() => acts.set({ extensionLeftMm: null })}
          />
          <LengthField
            label={`${t('extension')}, ${t('right')}`}
            draftKey={key('right')}
            valueMm={w.extensionRightMm}
            unit={unit}
            onCommit={(mm) => acts.setExtension('right', mm)}
            onClear={() => acts.set({ extensionRightMm: null })}
          />
        </>
      )}
    </>
  );
}

/** Drawn back or closed, and whether the rod keeps to the room's line. */
export function DrawnAndLine({ dressing: d, plan: w }: { dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const acts = useWindowActs(undefined, d, w);
  return (
    <div className="grid grid-cols-2 gap-x-4">
      {w.mount !== 'leaf' && !d.decorative && (
        <div>
          <p className="mb-1 font-narrow text-[13px] text-soft">{t('drawn')}</p>
          <RadioGroup
            label={t('drawn')}
            value={d.drawn}
            onChange={(drawn) => acts.set({ drawn })}
            options={[
              { value: 'open', label: t('open') },
              { value: 'closed', label: t('closed') },
            ]}
          />
        </div>
      )}
      {d.mount === 'wall' && !w.shower && (
        <div>
          <p className="mb-1 flex justify-between font-narrow text-[13px] text-soft">
            <span>{t('setLine')}</span>
            <Why rule="windows.rodLine" />
          </p>
          <RadioGroup
            label={t('setLine')}
            value={w.rodFrom === 'own' ? 'own' : 'line'}
            onChange={(v) => acts.ownRod(v === 'own')}
            options={[
              { value: 'line', label: t('rodLine') },
              { value: 'own', label: t('rodOwn') },
            ]}
          />
        </div>
      )}
    </div>
  );
}
