'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareLength, formatLength, formatSize } from '../../core/base/length';
import type { Hanging, Item } from '../../core/model/types';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { massWords } from '../../messages/findingWords';
import { waking } from '../../ui/Awake';
import { Button } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import { LengthField, TAKEN, type Answer } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { Findings } from '../shell/Findings';
import { useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { Numeral, SheetTitle } from '../shell/Workspace';
import { HangerFields } from './HangerFields';
import { hookWords } from './hookWords';
import { AboveNumeral, ShareNumeral } from './PlaceNumerals';
import { useOverThings } from './useOverThings';
import { useWallActs } from './useWallActs';

const HangingMore = dynamic(() => import('./HangingMore').then((m) => waking(m.HangingMore)));

type Parts = { hanging: Hanging; item: Item; plan: HangingPlan };

/** Worksheet of one hung piece. */
export function HangingSheet({
  hanging: h,
  item,
  plan: p,
  findings,
  sight,
}: Parts & {
  findings: HangingPlan['findings'];
  /** Which standpoint's view into its glass is drawn; left out where there is no room for it. */ sight?: {
    fromId: string | null;
    show: (fromId: string | null) => void;
  };
}): ReactNode {
  const t = useTranslations('walls');
  const { file, look, change, pick } = useRoom();
  const unit = file.room.unit;
  const acts = useWallActs();
  const group = acts.groupOf(h.groupId);
  const put = (patch: Partial<Hanging>): void =>
    change([{ do: 'putHanging', lookId: look.id, hanging: { ...h, ...patch } }]);
  const candidates = useOverThings(h.wallId);
  return (
    <>
      <SheetTitle
        detail={t('size', {
          size: formatSize(item.widthMm, item.heightMm, unit),
          mass: `${p.massGuessedBy === null ? '' : `${t('about')} `}${massWords(p.massG, unit)}`,
        })}
      >
        {item.name}
      </SheetTitle>
      {group && (
        <p className="mb-2 flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[14px]">
          <span>{t('inGroup', { name: group.name })}</span>
          <Button small onClick={() => pick(group.id)}>
            {t('toGroup')}
          </Button>
          <Button small variant="quiet" onClick={() => acts.leave(h, p)}>
            {t('leave')}
          </Button>
        </p>
      )}
      <HangingAnswers hanging={h} plan={p} />
      <Findings findings={findings} title={t('checks')} />
      <section className="mt-5 space-y-2.5 border-t-2 border-ink pt-3">
        {!group && (
          <Select
            label={t('over')}
            value={p.overName === null ? '' : (h.overPieceId ?? '')}
            options={[
              { value: '', label: t('bare') },
              ...candidates.map((c) => ({ value: c.id, label: c.name })),
            ]}
            onChange={(id) => put({ overPieceId: id || null, xMm: null, centreMm: null, gapMm: null })}
          />
        )}
        <HangingPlace hanging={h} plan={p} grouped={group !== undefined} put={put} />
        {group ? (
          <Checkbox checked={h.pinned} onChange={(pinned) => put({ pinned })}>
            {t('pin')}
          </Checkbox>
        ) : (
          <Checkbox checked={h.leans} onChange={(leans) => put({ leans })}>
            {t('leans')}
          </Checkbox>
        )}
        <HangerFields
          hanging={h}
          item={item}
          plan={p}
          onHanger={(hanger) => {
            put({ hanger });
            return TAKEN;
          }}
        />
        <Button
          small
          onClick={() => {
            change([{ do: 'removeHanging', lookId: look.id, id: h.id }]);
            pick(null);
          }}
        >
          {t('takeDown')}
        </Button>
      </section>
      {sight && (
        <HangingMore hanging={h} item={item} plan={p} sightFrom={sight.fromId} onSight={sight.show} />
      )}
    </>
  );
}

/** Its height, its gap, its nails, how wide it is against what it hangs over. */
function HangingAnswers({ hanging: h, plan: p }: Pick<Parts, 'hanging' | 'plan'>): ReactNode {
  const t = useTranslations('walls');
  const { file } = useRoom();
  const unit = file.room.unit;
  const overName = p.overName ?? undefined;
  const isWire = h.hanger.kind === 'wire';
  const hook = hookWords(p, unit, t);
  const hookClass = hook === '' ? '' : `, ${hook}`;
  const firstNail = p.nails[0];
  const nailsFromLeft = p.nails.map((n) => formatBareLength(n.xMm, unit)).join(' · ');
  return (
    <>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Numeral label={t('centre')} rule="walls.centre">
          {formatLength(p.centreMm, unit)}
        </Numeral>
        <AboveNumeral overName={overName} aboveMm={p.gapMm} xMm={p.xMm} rule={p.rulesUsed.height} />
        {firstNail && (
          <Numeral
            label={p.nails.length > 1 ? t('nail') : t('nailOne')}
            rule={p.nails.length > 1 && isWire ? p.rulesUsed.hooks : 'walls.hookClasses'}
            note={`${nailsFromLeft} ${t('fromLeftNails')}${hookClass}`}
          >
            {formatLength(firstNail.heightMm, unit)}
          </Numeral>
        )}
        <ShareNumeral overName={overName} share={p.widthShare} />
      </div>
      {!h.leans && (
        <p className="mt-1.5 text-[13px] text-soft">
          <Words>{t(isWire ? 'taut' : 'tautOther', { drop: formatLength(p.nailDropMm, unit) })}</Words>
        </p>
      )}
    </>
  );
}

/** Where it hangs, by any of its measures. */
function HangingPlace({
  hanging: h,
  plan: p,
  grouped,
  put,
}: Pick<Parts, 'hanging' | 'plan'> & {
  grouped: boolean;
  put: (patch: Partial<Hanging>) => void;
}): ReactNode {
  const t = useTranslations('walls');
  const { file, change } = useRoom();
  const acts = useWallActs();
  const unit = file.room.unit;
  const key = (field: string) => `${file.room.id}-${h.id}-${field}`;
  const move = (xMm: number, centreMm: number): Answer => {
    change(acts.moveTo(h, p, xMm, centreMm));
    return TAKEN;
  };
  const toRule = (field: 'xMm' | 'centreMm') => () => put(grouped ? { groupAt: null } : { [field]: null });
  const nailMm = p.nails[0]?.heightMm ?? p.centreMm;
  const { shift } = p.holes;
  return (
    <>
      <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2.5">
        <LengthField
          label={t('fromLeft')}
          draftKey={key('x')}
          valueMm={p.xMm}
          unit={unit}
          onCommit={(xMm) => move(xMm, p.centreMm)}
          onClear={toRule('xMm')}
        >
          <Why rule="walls.across" />
        </LengthField>
        {!h.leans && (
          <>
            <LengthField
              label={t('centre')}
              draftKey={key('centre')}
              valueMm={p.centreMm}
              unit={unit}
              onCommit={(centreMm) => move(p.xMm, centreMm)}
              onClear={toRule('centreMm')}
            >
              <Why rule={p.rulesUsed.height} />
            </LengthField>
            <LengthField
              label={t('nailHeight')}
              draftKey={key('nail')}
              valueMm={nailMm}
              unit={unit}
              onCommit={(mm) => move(p.xMm, p.centreMm + mm - nailMm)}
              onClear={toRule('centreMm')}
            />
          </>
        )}
        {p.overName !== null && !grouped && !h.leans && (
          <LengthField
            label={t('gap', { over: p.overName })}
            draftKey={key('gap')}
            valueMm={p.gapMm ?? 0}
            unit={unit}
            onCommit={(gapMm) => {
              put({ gapMm, centreMm: null });
              return TAKEN;
            }}
            onClear={() => put({ gapMm: null })}
          />
        )}
      </div>
      {shift && (
        <Button small onClick={() => move(p.xMm + shift.dxMm, p.centreMm + shift.dyMm)}>
          {t('holeShift')}
        </Button>
      )}
    </>
  );
}
