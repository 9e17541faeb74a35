'use client';
import { findOne } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import { formatBareLength, formatLength } from '../../core/base/length';
import { lowestOver, overheadOf } from '../../core/room/ceiling';
import type { Hole } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { useDraft } from '../../ui/drafts';
import { LengthField } from '../../ui/Field';
import { Collapsible } from '../../ui/Collapsible';
import { Words } from '../../ui/Words';
import { hookWords } from './hookWords';
import { massWords } from '../../messages/findingWords';
import { Findings } from '../shell/Findings';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { Why } from '../shell/Why';
import { PlannedPiece } from './PlannedPiece';
import { useWallActs } from './useWallActs';
import { RemoveButton } from '../../ui/RemoveButton';

/**
 * What belongs to the whole wall: all nails from one line, holes that are there, shelves and screens, the
 * drawing to take along.
 */
export function WallFolds({
  wallId,
  marking,
  onMark,
}: {
  wallId: string;
  marking: boolean;
  onMark: (isMarking: boolean) => void;
}): ReactNode {
  const t = useTranslations('walls');
  const { file, look, plan, rules } = useRoom();
  const acts = useWallActs();
  const unit = file.room.unit;
  const bare = (mm: number) => formatBareLength(mm, unit);
  const hangings = plan.hangings.filter((h) => h.wallId === wallId && !h.leans);
  const holes = file.room.holes.filter((h) => h.wallId === wallId);
  const fromCeiling = rules.school('walls.datum') === 'ceiling';
  const wall = findOne(plan.walls, (w) => w.id === wallId);
  const edge = overheadOf(file.room, wall, plan.walls);
  // across from the wall's left end, or from a plumb line through the middle of something on the wall
  const [plumb, setPlumb] = useDraft(`${file.room.id}-${wallId}-plumb`);
  const plumbId = plumb ?? '';
  const axes = [
    ...plan.groups
      .filter((g) => g.wallId === wallId)
      .map((g) => ({ id: g.groupId, name: g.name, xMm: g.xMm })),
    ...hangings.map((h) => ({ id: h.hangingId, name: h.name, xMm: h.xMm })),
    ...file.fittings
      .filter((f) => f.wallId === wallId)
      .map((f) => ({ id: f.id, name: f.name, xMm: f.xMm + f.widthMm / 2 })),
  ];
  const plumbMm = axes.find((a) => a.id === plumbId)?.xMm ?? null;
  const fittings = file.fittings.filter(
    (f) => f.wallId === wallId && (f.kind === 'tv' || f.kind === 'shelf'),
  );
  const link = 'inline-flex items-center rounded-md border border-ink px-2.5 py-1 text-[14px] hover:bg-well';
  return (
    <div className="mt-5 border-t-2 border-ink">
      {hangings.length > 0 && (
        <Collapsible title={t('nails')} summary={String(hangings.reduce((n, h) => n + h.nails.length, 0))}>
          {() => (
            <>
              <p className="mb-1.5 text-[13px] text-soft">
                <Words>{`${fromCeiling ? t('nailsCeiling') : t('nailsFloor')}${plumbMm === null ? '' : ` ${t('nailsAxis', { x: formatLength(plumbMm, unit) })}`}`}</Words>{' '}
                <Why rule="walls.datum" />
              </p>
              <Select
                label={t('plumb')}
                value={plumbId}
                options={[
                  { value: '', label: t('plumbLeft') },
                  ...axes.map((a) => ({ value: a.id, label: a.name })),
                ]}
                onChange={setPlumb}
              />
              <ul className="mt-1.5 text-[14px]">
                {hangings.map((h) => (
                  <li key={h.hangingId} className="border-t border-line py-1">
                    <span className="flex justify-between gap-2">
                      <b className="line-clamp-2 font-semibold">{h.name}</b>
                      <span className="whitespace-nowrap text-soft">
                        {[hookWords(h, unit, t), h.twoPoints ? t('nailTwo') : '']
                          .filter((words) => words !== '')
                          .join(', ')}{' '}
                        <Why rule="walls.hookClasses" />
                      </span>
                    </span>
                    {h.nails.map((n, i) => (
                      <span key={i} className="block">
                        <Words>
                          {t('nailAt', {
                            x: `${bare(plumbMm === null ? n.xMm : Math.abs(n.xMm - plumbMm))}${plumbMm === null ? '' : ` ${n.xMm < plumbMm ? t('toLeft') : t('toRight')}`}`,
                            height: formatLength(
                              fromCeiling ? lowestOver(edge, n.xMm, n.xMm) - n.heightMm : n.heightMm,
                              unit,
                            ),
                            way: fromCeiling ? 'down' : 'up',
                          })}
                        </Words>
                      </span>
                    ))}
                  </li>
                ))}
              </ul>
            </>
          )}
        </Collapsible>
      )}
      <Collapsible key={wallId} title={t('planPiece')} open={hangings.length === 0}>
        {() => (
          <PlannedPiece
            key={wallId}
            draftKey={`${file.room.id}-${wallId}`}
            kinds={['frame', 'art', 'mirror', 'wallPanel']}
            onAdd={(item) => acts.hang(item, wallId)}
          />
        )}
      </Collapsible>
      <Collapsible title={t('holes')} summary={holes.length > 0 ? String(holes.length) : t('holesNone')}>
        {() => <Holes wallId={wallId} holes={holes} marking={marking} onMark={onMark} />}
      </Collapsible>
      {fittings.length > 0 && (
        <Collapsible title={t('fixings')} summary={fittings.map((f) => f.name).join(', ')}>
          {() => fittings.map((f) => <FittingCheck key={f.id} id={f.id} />)}
        </Collapsible>
      )}
      <Collapsible title={t('export')}>
        <p className="flex flex-wrap gap-2">
          {['1:20', '1:1'].map((scale) => (
            <a
              key={scale}
              className={link}
              href={`/api/rooms/${file.room.id}/wall.svg?look=${look.id}&wall=${wallId}&scale=${scale.slice(2)}`}
            >
              {t('exportAt', { scale })}
            </a>
          ))}
        </p>
      </Collapsible>
    </div>
  );
}

function Holes({
  wallId,
  holes,
  marking,
  onMark,
}: {
  wallId: string;
  holes: readonly Hole[];
  marking: boolean;
  onMark: (isMarking: boolean) => void;
}): ReactNode {
  const t = useTranslations('walls');
  const { file } = useRoom();
  const commit = useCommit();
  const unit = file.room.unit;
  const set = (rows: Hole[]) => commit({ do: 'setRoom', room: { ...file.room, holes: rows } }, 'room');
  const put = (id: string, patch: Partial<Hole>) =>
    set(file.room.holes.map((h) => (h.id === id ? { ...h, ...patch } : h)));
  return (
    <>
      {marking && (
        <p className="mb-1.5 text-[13px]" role="status">
          {t('holesMarking')}
        </p>
      )}
      <div className="mb-2 flex flex-wrap gap-2">
        <Button small variant={marking ? 'primary' : 'plain'} onClick={() => onMark(!marking)}>
          {marking ? t('holesDone') : t('holesMark')}
        </Button>
        <Button
          small
          onClick={() => {
            set([...file.room.holes, { id: nanoid(8), wallId, xMm: 500, heightMm: 1500 }]);
          }}
        >
          {t('holeAdd')}
        </Button>
      </div>
      {holes.map((h, i) => (
        <div key={h.id} className="grid grid-cols-[1fr_1fr_auto] items-end gap-x-3">
          <LengthField
            label={t('holeX', { n: i + 1 })}
            draftKey={`${h.id}-x`}
            size="small"
            valueMm={h.xMm}
            unit={unit}
            onCommit={(xMm) => put(h.id, { xMm })}
          />
          <LengthField
            label={t('holeHeight', { n: i + 1 })}
            draftKey={`${h.id}-h`}
            size="small"
            valueMm={h.heightMm}
            unit={unit}
            onCommit={(heightMm) => put(h.id, { heightMm })}
          />
          <RemoveButton
            label={t('holeRemove', { n: i + 1 })}
            onClick={() => {
              set(file.room.holes.filter((x) => x.id !== h.id));
            }}
          />
        </div>
      ))}
    </>
  );
}

/** A shelf's height, spacing and load, or a screen's height and what the neck says. */
function FittingCheck({ id }: { id: string }): ReactNode {
  const t = useTranslations('walls');
  const { file, plan } = useRoom();
  const commit = useCommit();
  const unit = file.room.unit;
  const f = findOne(file.fittings, (x) => x.id === id);
  const shelf = plan.shelves.find((s) => s.fittingId === id);
  const findings = plan.findings.filter((x) => x.stage === 'walls' && x.about.includes(id));
  const put = (bottomMm: number) => commit({ do: 'putFitting', fitting: { ...f, bottomMm } }, f.id);
  const length = (mm: number) => formatLength(mm, unit);
  const heightLabel = (isScreen: boolean, isOverTank: boolean) => {
    if (isScreen) return t('tvCentre');
    return isOverTank ? t('shelfUnder') : t('shelfHeight');
  };
  const tooHigh = findings.filter((x) => x.code === 'tv-too-high' && f.kind === 'tv');
  const overTank = shelf?.overTank;
  /** Where its lower edge may be put by a press. */
  const puts = overTank
    ? [...new Set(Object.values(overTank.readings))]
    : tooHigh.map((x) => Number(x.by.wantMm) - f.heightMm / 2);
  const shelfRule = overTank ? 'walls.overTankSchool' : 'walls.shelfApart';
  /** Which part of it the height is told of, from its lower edge up. */
  const fieldUpMm = f.kind === 'tv' ? f.heightMm / 2 : f.heightMm;
  const upMm = overTank ? 0 : fieldUpMm;
  return (
    <div className="border-t border-line py-2 first:border-t-0 first:pt-0">
      <p className="text-[14px] font-semibold">{f.name}</p>
      <LengthField
        label={heightLabel(f.kind === 'tv', overTank !== undefined && overTank !== null)}
        draftKey={`${file.room.id}-${id}-wall-height`}
        size="small"
        valueMm={f.bottomMm + upMm}
        unit={unit}
        onCommit={(mm) => put(Math.max(0, mm - upMm))}
      >
        <Why rule={f.kind === 'tv' ? 'walls.neck' : shelfRule} />
      </LengthField>
      {overTank && (
        <p className="mt-1 text-[14px]">
          <Words>
            {t('shelfThree', {
              tankTop: length(overTank.readings.tankTop),
              floor: length(overTank.readings.floor),
              tankBottom: length(overTank.readings.tankBottom),
            })}
          </Words>
        </p>
      )}
      {puts.length > 0 && (
        <p className="mt-1 flex flex-wrap gap-2">
          {puts.map((mm, i) => (
            <Button
              key={i}
              small
              disabled={Math.abs(f.bottomMm - mm) < 1}
              onClick={() => {
                put(Math.max(0, mm));
              }}
            >
              <span>
                <Words>{t('shelfPut', { by: length(mm + upMm) })}</Words>
              </span>
            </Button>
          ))}
        </p>
      )}
      {shelf && (
        <p className="mt-1 text-[14px]">
          {`${t('shelfLoad')} ${massWords(shelf.loadG, unit)}; ${t('shelfBrackets', { count: shelf.brackets.length })}, ${t('shelfPer')} ${massWords(shelf.mostG, unit)}`}{' '}
          <Why rule="walls.shelfLoad" />
        </p>
      )}
      <Findings findings={findings} />
    </div>
  );
}
