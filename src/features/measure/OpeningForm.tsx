'use client';
import { useTranslations } from 'next-intl';
import { useMemo, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { Opening } from '../../core/model/types';
import { clearanceOf } from '../../core/room/clearance';
import { floorLine } from '../../core/room/floor';
import { isGlazed, isWay } from '../../core/room/kinds';
import { placeOnWall } from '../../core/room/place';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { Checkbox } from '../../ui/Checkbox';
import { TextField, TAKEN, type Answer } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { useMeasureWords } from '../shell/useWords';
import { useCommit } from '../shell/useCommit';
import { ReadingField } from './ReadingField';

/**
 * Readings of a window, door or arch, in the order of the tape, how it moves, and what room is left round it.
 */
export function OpeningForm({ opening: o }: { opening: Opening }): ReactNode {
  const t = useTranslations('measure');
  const { file, plan, change } = useRoom();
  const commit = useCommit();
  const words = useMeasureWords(file.room.unit);
  const unit = file.room.unit;
  const set = (patch: Partial<Opening>): Answer =>
    commit({ do: 'putOpening', opening: { ...o, ...patch } }, o.id);
  const choose = (patch: Partial<Opening>) => change([{ do: 'putOpening', opening: { ...o, ...patch } }]);
  const top = o.sillMm + o.heightMm;
  const refuse = (code: 'sill-above-head' | 'not-positive', cameMm: number, expectedMm: number): Answer => ({
    took: false,
    message: words({
      code: code as 'sill-above-head',
      level: 'refuse',
      path: [],
      about: o.id,
      field: 'sillMm',
      cameMm,
      expectedMm,
    }),
  });
  const setSill = (sillMm: number): Answer =>
    sillMm >= top ? refuse('sill-above-head', sillMm, top) : set({ sillMm });
  const setHead = (headMm: number): Answer =>
    headMm <= o.sillMm ? refuse('sill-above-head', o.sillMm, headMm) : set({ heightMm: headMm - o.sillMm });
  const positive = (mm: number, take: () => Answer): Answer =>
    mm > 0 ? take() : refuse('not-positive', mm, 1000);
  const floor = floorLine(o);
  const field = (
    name: Parameters<typeof ReadingField>[0]['field'],
    label: string,
    valueMm: number | null,
    onCommit: (mm: number) => Answer,
  ) => <ReadingField about={o.id} field={name} label={label} valueMm={valueMm} onCommit={onCommit} />;
  const room = useMemo(
    () =>
      clearanceOf(o, file, new Map(file.pieces.map((p) => [p.id, placeOnWall(p, plan.walls)])), plan.walls),
    [o, file, plan.walls],
  );
  const by = (name: string) => {
    if (name === 'wall') return t('theCorner');
    return name === 'ceiling' ? t('theCeiling') : name;
  };
  const window = o.kind === 'window';
  const hinged = o.opens === 'in' || o.opens === 'out';
  return (
    <div className="space-y-2.5">
      <TextField
        label={t('name')}
        draftKey={`${file.room.id}-${o.id}-name`}
        value={o.name}
        onCommit={(name) => {
          if (name) choose({ name: name.slice(0, 80) });
          return TAKEN;
        }}
      />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        {field('xMm', t('fromLeft'), o.xMm, (xMm) => set({ xMm }))}
        {field('widthMm', t('frameWidth'), o.widthMm, (widthMm) => positive(widthMm, () => set({ widthMm })))}
        {field('sillMm', window ? t('sill') : t('step'), o.sillMm, setSill)}
        {field('heightMm', t('height'), o.heightMm, (heightMm) =>
          positive(heightMm, () => set({ heightMm })),
        )}
        <ReadingField about={o.id} field="heightMm" label={t('head')} valueMm={top} onCommit={setHead} />
        {o.kind !== 'arch' && field('trimMm', t('trim'), o.trimMm, (trimMm) => set({ trimMm }))}
        {window && field('revealMm', t('reveal'), o.revealMm, (revealMm) => set({ revealMm }))}
        {window && field('sillDepthMm', t('sillDepth'), o.sillDepthMm, (sillDepthMm) => set({ sillDepthMm }))}
      </div>
      {o.kind !== 'arch' && (
        <div className="grid grid-cols-2 gap-x-4 gap-y-2.5 pt-1">
          <Select
            label={t('opens')}
            value={o.opens}
            options={(window
              ? (['fixed', 'sash', 'in', 'out'] as const)
              : (['fixed', 'in', 'out'] as const)
            ).map((v) => ({ value: v, label: t(window ? `opensWindow.${v}` : `opensDoor.${v as 'in'}`) }))}
            onChange={(opens) =>
              choose({
                opens,
                hinge: opens === 'in' || opens === 'out' ? hingeOf(o.hinge) : 'none',
              })
            }
          />
          {hinged && (
            <Select
              label={t('hinge')}
              value={o.hinge}
              options={(['left', 'right', 'both'] as const).map((v) => ({
                value: v,
                label: t(`hinges.${v}`),
              }))}
              onChange={(hinge) => choose({ hinge })}
            />
          )}
          {o.opens !== 'fixed' && field('handleMm', t('handle'), o.handleMm, (handleMm) => set({ handleMm }))}
          {isWay(o) &&
            o.opens === 'in' &&
            field('underMm', t('under'), o.underMm === 0 ? null : o.underMm, (underMm) => set({ underMm }))}
        </div>
      )}
      <p className="border-t border-line pt-2 text-[13px] text-soft">
        <Words>
          {t('roomRound', {
            head: formatLength(room.headMm, unit),
            headBy: by(room.headBy),
            left: formatLength(Math.max(0, room.leftMm), unit),
            leftBy: by(room.leftBy),
            right: formatLength(Math.max(0, room.rightMm), unit),
            rightBy: by(room.rightBy),
          })}
        </Words>
      </p>
      {isGlazed(o) && (
        <section className="pt-1">
          <h3 className="mb-1.5 font-sans text-[14px] font-semibold">{t('drops')}</h3>
          {o.dropsMm === null ? (
            <>
              <p className="mb-2 text-[14px] text-soft">{t('dropsMissing')}</p>
              <Button
                small
                onClick={() =>
                  change([
                    { do: 'putOpening', opening: { ...o, dropsMm: { left: top, middle: top, right: top } } },
                    {
                      do: 'markReadings',
                      readings: (['dropLeft', 'dropMiddle', 'dropRight'] as const).map((f) => ({
                        about: o.id,
                        field: f,
                        guess: true,
                        secondMm: null,
                      })),
                    },
                  ])
                }
              >
                {t('measureDrops')}
              </Button>
            </>
          ) : (
            <>
              <div className="grid grid-cols-3 gap-x-4">
                {(['left', 'middle', 'right'] as const).map((side) => (
                  <ReadingField
                    key={side}
                    about={o.id}
                    field={DROPS[side]}
                    label={t(DROPS[side])}
                    valueMm={o.dropsMm![side]}
                    onCommit={(mm) => positive(mm, () => set({ dropsMm: { ...o.dropsMm!, [side]: mm } }))}
                  />
                ))}
              </div>
              <p className="mt-2 text-[13px] text-soft">
                <Words>
                  {t('floorAt', {
                    left: formatLength(floor.atMm(o.xMm), unit),
                    middle: formatLength(floor.atMm(o.xMm + o.widthMm / 2), unit),
                    right: formatLength(floor.atMm(o.xMm + o.widthMm), unit),
                  })}
                </Words>
              </p>
              <Button small look="quiet" onClick={() => choose({ dropsMm: null })}>
                {t('clearDrops')}
              </Button>
            </>
          )}
          <div className="mt-1 flex gap-x-5">
            {(['overlooked', 'hazy'] as const).map((f) => (
              <Checkbox key={f} checked={o[f]} onChange={(checked) => choose({ [f]: checked })}>
                {t(f)}
              </Checkbox>
            ))}
          </div>
        </section>
      )}
    </div>
  );
}

const DROPS = { left: 'dropLeft', middle: 'dropMiddle', right: 'dropRight' } as const;

/** A leaf that opens hangs on the left until it is said otherwise. */
const hingeOf = (hinge: Opening['hinge']): Opening['hinge'] => (hinge === 'none' ? 'left' : hinge);
