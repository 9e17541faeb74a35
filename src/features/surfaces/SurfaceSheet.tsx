'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareSize, formatLength } from '../../core/base/length';
import { isOpenFloor } from '../../core/room/spots/parts';
import { addressOf } from '../../core/room/spots/spot';
import { MOST_FILLED } from '../../core/stages/surfaces/judgeSurface';
import type { SurfacePlan, SurfaceThing } from '../../core/stages/surfaces/planSurface';
import { Disclosure } from '../../ui/Collapsible';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { ClothChip } from '../shell/ClothChip';
import { Findings } from '../shell/Findings';
import { useSpotName } from '../shell/placing/useSpotName';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { Why } from '../shell/Why';
import { Numeral, SheetTitle } from '../shell/Workspace';
import { LostThings } from './LostThings';
import type { SurfaceState } from './useSurface';

const ThingForm = dynamic(() => import('./ThingForm').then((m) => m.ThingForm), { loading: () => null });

const TableSheet = dynamic(() => import('./TableSheet').then((m) => m.TableSheet), { loading: () => null });

/** Worksheet of one surface: which it is, how much fits, what is on it and what each carries, and the checks. */
export function SurfaceSheet({ state }: { state: SurfaceState }): ReactNode {
  const t = useTranslations('surfaces');
  const { file, look, plan, rules, pick } = useRoom();
  const spotName = useSpotName();
  const { unit } = file.room;
  const { surface } = state;
  const { spot, things, under, tallestMm, filled, table } = surface;
  const laid = table?.laid ?? [];
  const about = new Set([spot.of, ...[...things, ...laid].map((x) => x.placementId)]);
  const findings = plan.findings.filter((f) => f.stage === 'surfaces' && f.about.some((id) => about.has(id)));
  const lost = plan.findings.filter((f) => f.code === 'spot-gone');
  return (
    <>
      <Select
        label={t('which')}
        value={addressOf(spot)}
        options={plan.surfaces.map((s) => ({
          value: addressOf(s.spot),
          label: t('withCount', { name: spotName(s.spot), count: countOn(s) }),
        }))}
        onChange={pick}
        className="mb-3"
      />
      <SheetTitle>{t('things', { count: countOn(surface) })}</SheetTitle>
      <div className="mb-3 grid grid-cols-2 gap-x-5">
        <Numeral
          label={t('tallest')}
          rule={under !== null && under !== 'board' ? under.rule : null}
          note={
            under === null || under === 'board'
              ? t('underBoard')
              : t(`under.${under.kind}`, { name: under.name })
          }
        >
          {formatLength(tallestMm, unit)}
        </Numeral>
        <Numeral label={t('filled')} rule={MOST_FILLED[look.brief.filling]}>
          {t('percent', { percent: Math.round(filled * 100) })}
        </Numeral>
      </div>
      {isOpenFloor(spot.kind) && (
        <p className="mb-2 text-[14px] text-soft">
          {t('floor', { most: formatLength(rules.number('surfaces.floorArea'), unit) })}{' '}
          <Why rule="surfaces.floorArea" />
        </p>
      )}
      {table && (laid.length > 0 || table.chairs > 0) && <TableSheet table={table} of={spot.of} />}
      <ol>
        {inOrder(things).map((thing) => (
          <ThingRow key={thing.placementId} thing={thing} state={state} />
        ))}
      </ol>
      <Findings findings={[...findings, ...lost]} title={t('checks')} />
      <LostThings ids={lost.flatMap((f) => f.about)} target={state.target} />
    </>
  );
}

/** How many things stand on a surface or are laid on it. */
const countOn = ({ things, table }: SurfacePlan): number => things.length + (table?.laid.length ?? 0);

/** From left to right, each followed by what it carries. */
function inOrder(things: readonly SurfaceThing[]): SurfaceThing[] {
  const on = (carrier: string | undefined): SurfaceThing[] =>
    things
      .filter((t) => t.thing.carriers[0] === carrier)
      .sort((a, b) => a.fromMm - b.fromMm)
      .flatMap((t) => [t, ...on(t.placementId)]);
  return on(undefined);
}

/** How far a row is moved in for each thing that carries it. */
const INDENT = 14;

function ThingRow({ thing, state }: { thing: SurfaceThing; state: SurfaceState }): ReactNode {
  const t = useTranslations('surfaces');
  const { file, picked, pick } = useRoom();
  const paint = usePaint();
  const open = picked === thing.placementId;
  const { item } = thing;
  const { carriers, on, placement } = thing.thing;
  return (
    <li
      className={`-mx-2 border-b border-line px-2 ${open ? 'my-1 border-2 border-ink bg-white' : ''}`}
      style={{ paddingLeft: 8 + Math.min(3, carriers.length) * INDENT }}
    >
      <Disclosure
        open={open}
        onOpenChange={(next) => pick(next ? thing.placementId : addressOf(state.surface.spot))}
        triggerClass="grid w-full grid-cols-[36px_1fr_auto] items-center gap-x-2.5 py-1.5 text-left text-[14px]"
        trigger={
          <>
            <ClothChip item={item} paint={paint} />
            <span className="font-semibold leading-tight">
              {placement.count > 1 ? t('several', { name: item.name, count: placement.count }) : item.name}
            </span>
            <span className="text-right text-soft">
              <Words>
                {carriers.length > 0
                  ? t('onWhat', { name: on.name })
                  : formatBareSize(item.widthMm, item.heightMm, file.room.unit)}
              </Words>
            </span>
          </>
        }
      >
        <ThingForm thing={thing} state={state} />
      </Disclosure>
    </li>
  );
}
