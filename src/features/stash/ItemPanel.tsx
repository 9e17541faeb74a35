'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useCallback, useEffect, useRef, useState, type ReactNode } from 'react';
import {
  duplicateItemAction,
  itemSheetAction,
  removeItemsAction,
  saveChangedItemAction,
} from '../../actions/stash';
import type { ItemSheet } from '../../actions/stashTypes';
import type { Item } from '../../core/model/types';
import { SEASONS } from '../../core/stash/entry';
import { returnOf } from '../../core/stash/returns';
import { Button } from '../../ui/Button';
import { Pick } from '../../ui/Choice';
import { LengthField, NumberField, TAKEN, TextField, type Answer } from '../../ui/Field';
import { dayWords } from '../../ui/day';
import { Fold } from '../../ui/Fold';
import { takeInPhoto } from '../shell/photos';
import { useColourName } from '../shell/useWords';
import { nameColour } from '../../core/colour/name';
import { ColourRows } from './ColourRows';
import { KINDS, TEXTURES } from './FilterPanel';
import { useStashRoom } from './StashContext';
import { untilAnswered } from './untilAnswered';
import { waiting } from './waiting';

const PhotoColour = dynamic(() => import('./PhotoColour').then((m) => m.PhotoColour));
const ReaderPanel = dynamic(() => import('./ReaderPanel').then((m) => m.ReaderPanel));
const ArrivedPanel = dynamic(() => import('./ArrivedPanel').then((m) => m.ArrivedPanel));

const DAY = /^\d{4}-\d{2}-\d{2}$/;
type Side = 'photo' | 'reader' | 'arrived' | null;

/**
 * One thing of the stash: what it is, its colours, its care, where it is, what it cost, and where it is used.
 */
export function ItemPanel({ id }: { id: string }): ReactNode {
  const t = useTranslations('stash');
  const { head, rules, unit, refresh, open } = useStashRoom();
  const colourName = useColourName();
  const [sheet, setSheet] = useState<ItemSheet | null | undefined>(undefined);
  const [problem, setProblem] = useState<{ text: string; take?: Item } | null>(null);
  const [side, setSide] = useState<Side>(null);
  const saving = useRef<Promise<void>>(Promise.resolve());
  const load = useCallback(async () => {
    const now = await untilAnswered(
      () => itemSheetAction(id),
      () => setProblem({ text: t('noAnswer') }),
    );
    setSheet(now);
    setProblem((p) => (p?.text === t('noAnswer') ? null : p));
  }, [id, t]);
  useEffect(() => {
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the thing is fetched when its sheet opens
    void load();
  }, [load, head]);
  if (sheet === undefined) return <p className="text-soft">{t('loading')}</p>;
  const back = (
    <Button small className="mb-3 lg:hidden" onClick={() => open(null)}>
      {t('backToList')}
    </Button>
  );
  if (sheet === null)
    return (
      <>
        {back}
        <p>{t('gone')}</p>
      </>
    );
  const { item } = sheet;
  const save = (patch: Partial<Item>): void => {
    const after = { ...item, ...patch };
    setSheet({ ...sheet, item: after });
    setProblem(null);
    // one after the other: a change starts from what the one before it made
    const answered = waiting().keep({ kind: 'item', before: item, after });
    saving.current = saving.current
      .then(async () => {
        const result = await untilAnswered(
          () => saveChangedItemAction(item, after),
          () => setProblem({ text: t('noAnswer') }),
        );
        answered();
        setProblem(null);
        // it is written; that the list cannot be fetched just now takes nothing back
        if (result.ok) {
          await refresh().catch(() => undefined);
          return;
        }
        const issue = result.issues[0]!;
        setSheet({ ...sheet, item });
        setProblem(
          'item' in issue
            ? { text: t('stale'), take: issue.item }
            : { text: t('refused', { why: `${issue.path.join('.')} ${issue.message}` }) },
        );
      })
      .catch(() => {
        answered();
        setSheet({ ...sheet, item });
        setProblem({ text: t('refused', { why: '' }) });
      });
  };
  const take = (patch: Partial<Item>): Answer => {
    save(patch);
    return TAKEN;
  };
  const key = (field: string) => `item-${id}-${field}`;
  const length = (field: 'widthMm' | 'heightMm' | 'depthMm', label: string, zero = false) => (
    <LengthField
      label={label}
      draftKey={key(field)}
      valueMm={item[field]}
      unit={unit}
      onCommit={(mm) =>
        mm > 0 || zero ? take({ [field]: mm }) : { took: false, message: t('moreThanNothing') }
      }
    />
  );
  const number = (
    field: 'count' | 'setOf' | 'clothGsm' | 'massG' | 'seasonsServed',
    label: string,
    suffix?: string,
  ) => (
    <NumberField
      label={label}
      draftKey={key(field)}
      value={item[field]}
      {...(suffix ? { suffix } : {})}
      step={1}
      onCommit={(n) =>
        n >= (field === 'setOf' ? 1 : 0) && (field === 'clothGsm' || field === 'massG' || Number.isInteger(n))
          ? take({ [field]: n })
          : { took: false, message: t('wholeNumber') }
      }
    />
  );
  const flag = (field: 'glazed' | 'washable' | 'poisonous' | 'scented' | 'tagsOn' | 'seen') => (
    <label className="flex min-h-[26px] items-center gap-2 text-[14px]">
      <input
        type="checkbox"
        className="accent-black"
        checked={item[field]}
        onChange={(e) => save({ [field]: e.target.checked })}
      />
      {t(`flags.${field}`)}
    </label>
  );
  const date = (field: 'boughtOn' | 'dueOn' | 'returnBy', label: string) => (
    <label className="block text-[13px] text-soft">
      <span className="block font-narrow">{label}</span>
      <input
        type="date"
        value={item[field] ?? ''}
        onChange={(e) => {
          const v = e.target.value;
          if (v === '' || DAY.test(v)) save({ [field]: v === '' ? null : v });
        }}
        className="w-full border-b border-line bg-transparent py-1 text-[15px] text-ink"
      />
    </label>
  );
  const many = <T extends string>(field: 'season' | 'care', values: readonly T[], word: (v: T) => string) => (
    <div className="flex flex-wrap gap-x-4">
      {values.map((v) => (
        <label key={v} className="flex min-h-[26px] items-center gap-1.5 text-[14px]">
          <input
            type="checkbox"
            className="accent-black"
            checked={(item[field] as string[]).includes(v)}
            onChange={(e) =>
              save({
                [field]: e.target.checked
                  ? [...(item[field] as string[]), v]
                  : (item[field] as string[]).filter((x) => x !== v),
              } as Partial<Item>)
            }
          />
          {word(v)}
        </label>
      ))}
    </div>
  );
  const ret = returnOf(item, head.today, rules.list('stash.returnWarn'));
  const place = head.places.find((p) => p.id === item.placeId);
  const room = head.rooms.find((r) => r.id === item.roomId);
  const remove = () =>
    void removeItemsAction([id]).then(async (r) => {
      if (r.ok) {
        open(null);
        await refresh();
      } else {
        const i = r.issues[0]!;
        setProblem({
          text: i.code === 'in-use' ? t('inUse', { name: i.name, rooms: i.rooms.join(', ') }) : t('gone'),
        });
      }
    });
  const duplicate = () =>
    void duplicateItemAction(id, t('copyOf', { name: item.name })).then(async (r) => {
      if (r.ok) {
        await refresh();
        open(r.value.ids[0]!);
      }
    });
  const setPhoto = async (file: File | undefined) => {
    if (!file) return;
    const kept = await takeInPhoto(file);
    if (kept.ok) save({ photoId: kept.id });
    else setProblem({ text: kept.message });
  };
  const doubts = [
    ...(!item.seen ? [t('mark.unseen')] : []),
    ...(item.colourFrom === 'photo' ? [t('mark.uncorrected')] : []),
  ];
  return (
    <div>
      {back}
      <h2 className="text-[19px]">{item.name}</h2>
      <p className="text-[14px] text-soft">
        {t(`kinds.${item.kind}`)}, {colourName(nameColour(item.colours[0]!))}
        {doubts.length > 0 && `; ${doubts.join(', ')}`}
      </p>
      <hr className="mb-2 mt-2.5 border-t-2 border-ink" />
      {problem && (
        <p role="alert" className="mb-2 text-[14px]">
          {problem.text}{' '}
          {problem.take && (
            <Button
              small
              onClick={() => {
                setSheet({ ...sheet, item: problem.take! });
                setProblem(null);
              }}
            >
              {t('showIt')}
            </Button>
          )}
        </p>
      )}
      {item.state === 'ordered' && side !== 'arrived' && (
        <div className="mb-2 flex items-center justify-between gap-3 border border-ink px-3 py-2 text-[14px]">
          <span>{item.dueOn ? t('due', { day: dayWords(item.dueOn) }) : t('onOrder')}</span>
          <Button look="strong" small onClick={() => setSide('arrived')}>
            {t('arrived.do')}
          </Button>
        </div>
      )}
      {ret.state !== 'none' && (
        <p className="mb-2 text-[14px]">
          {t(`return.${ret.state}`, { days: Math.abs(ret.days), day: dayWords(item.returnBy!) })}
        </p>
      )}
      {side === 'arrived' && (
        <ArrivedPanel
          item={item}
          onDone={() => {
            setSide(null);
            void load();
            void refresh();
          }}
        />
      )}
      {side === 'photo' && (
        <PhotoColour
          item={item}
          onTake={(patch) => {
            save(patch);
            setSide(null);
          }}
          onLeave={() => setSide(null)}
        />
      )}
      {side === 'reader' && (
        <ReaderPanel
          item={item}
          onDone={() => {
            setSide(null);
            void load();
            void refresh();
          }}
        />
      )}
      {side === null && (
        <>
          <div className="grid grid-cols-[1fr_74px_74px] gap-x-3 gap-y-2.5">
            <TextField
              label={t('name')}
              draftKey={key('name')}
              value={item.name}
              onCommit={(name) =>
                name ? take({ name: name.slice(0, 80) }) : { took: false, message: t('nameNeeded') }
              }
            />
            {number('count', t('howMany'))}
            {number('setOf', t('setOf'))}
          </div>
          <div className="mt-2.5 grid grid-cols-3 gap-x-3">
            {length('widthMm', t('wide'))}
            {length('heightMm', t('high'))}
            {length('depthMm', t('deep'), true)}
          </div>
          <div className="mt-2.5 grid grid-cols-2 gap-x-4 gap-y-2.5">
            <Pick
              label={t('kind')}
              value={item.kind}
              options={KINDS.map((k) => ({ value: k, label: t(`kinds.${k}`) }))}
              onChange={(kind) => save({ kind })}
            />
            <Pick
              label={t('place')}
              value={item.placeId ?? ''}
              options={[
                { value: '', label: t('nowhere') },
                ...head.places.map((p) => ({ value: p.id, label: p.name })),
              ]}
              onChange={(x) => save({ placeId: x === '' ? null : x })}
            />
          </div>
          <Fold open title={t('colours')} says={t(`from.${item.colourFrom}`)}>
            <ColourRows
              colours={item.colours}
              draftKey={key('colours')}
              onChange={(colours) => save({ colours, colourFrom: 'typed' })}
            />
            <div className="mt-2 flex flex-wrap gap-2">
              <Button small onClick={() => setSide('photo')}>
                {t('fromPhotoDo')}
              </Button>
              <Button small onClick={() => setSide('reader')}>
                {t('fromReader')}
              </Button>
            </div>
            {flag('seen')}
            {sheet.parts.length > 0 && (
              <p className="mt-1 text-[14px]">
                {t('parts', {
                  names: sheet.parts
                    .map((p) => `${p.name} (ΔE ${p.day.toFixed(1)} / ${p.lamp.toFixed(1)})`)
                    .join(', '),
                })}
              </p>
            )}
            {item.spectrum === null && <p className="text-[13px] text-soft">{t('estimated')}</p>}
          </Fold>
          <Fold title={t('cloth')} says={t(`textures.${item.texture}`)}>
            <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
              <Pick
                label={t('pattern')}
                value={item.pattern.kind}
                options={(['solid', 'stripe', 'check', 'floral', 'motif', 'texture'] as const).map((k) => ({
                  value: k,
                  label: t(`patterns.${k}`),
                }))}
                onChange={(kind) => save({ pattern: { ...item.pattern, kind } })}
              />
              <LengthField
                label={t('repeat')}
                draftKey={key('repeat')}
                valueMm={item.pattern.repeatMm}
                unit={unit}
                onCommit={(repeatMm) => take({ pattern: { ...item.pattern, repeatMm } })}
              />
              <Pick
                label={t('texture')}
                value={item.texture}
                options={TEXTURES.map((x) => ({ value: x, label: t(`textures.${x}`) }))}
                onChange={(texture) => save({ texture })}
              />
              <Pick
                label={t('sheen')}
                value={item.sheen}
                options={(['matt', 'low', 'satin', 'gloss'] as const).map((x) => ({
                  value: x,
                  label: t(`sheens.${x}`),
                }))}
                onChange={(sheen) => save({ sheen })}
              />
              <Pick
                label={t('fibre')}
                value={item.fibre}
                options={(
                  [
                    'unknown',
                    'cotton',
                    'linen',
                    'wool',
                    'silk',
                    'polyester',
                    'polypropylene',
                    'jute',
                    'straw',
                    'down',
                    'mixed',
                  ] as const
                ).map((x) => ({ value: x, label: t(`fibres.${x}`) }))}
                onChange={(fibre) => save({ fibre })}
              />
              <Pick
                label={t('fill')}
                value={item.fill}
                options={(['none', 'feather', 'polyester', 'foam'] as const).map((x) => ({
                  value: x,
                  label: t(`fills.${x}`),
                }))}
                onChange={(fill) => save({ fill })}
              />
              {number('clothGsm', t('gsm'), 'g/m²')}
              {number('massG', t('mass'), 'g')}
            </div>
            <label className="mt-2 flex min-h-[26px] items-center gap-2 text-[14px]">
              <input
                type="checkbox"
                className="accent-black"
                checked={item.back !== null}
                onChange={(e) =>
                  save({
                    back: e.target.checked
                      ? { colours: item.colours, pattern: item.pattern, texture: item.texture }
                      : null,
                  })
                }
              />
              {t('reversible')}
            </label>
            {item.back && (
              <ColourRows
                colours={item.back.colours}
                draftKey={key('back')}
                onChange={(colours) => save({ back: { ...item.back!, colours } })}
              />
            )}
          </Fold>
          <Fold title={t('care')} says={item.defects || item.defectsLit ? t('damaged') : ''}>
            {many(
              'care',
              ['machine', 'hand', 'zipped', 'spot', 'dryClean', 'bleachSafe', 'noTumble'] as const,
              (v) => t(`cares.${v}`),
            )}
            <div className="mt-1 space-y-2">
              <TextField
                label={t('defects')}
                draftKey={key('defects')}
                value={item.defects}
                onCommit={(defects) => take({ defects: defects.slice(0, 400) })}
              />
              <TextField
                label={t('defectsLit')}
                draftKey={key('defects-lit')}
                value={item.defectsLit}
                onCommit={(defectsLit) => take({ defectsLit: defectsLit.slice(0, 400) })}
              />
            </div>
            <div className="mt-1 grid grid-cols-2">
              {flag('washable')}
              {flag('glazed')}
              {flag('scented')}
              {flag('poisonous')}
            </div>
          </Fold>
          <Fold title={t('money')} says={item.price > 0 ? (item.price / 100).toFixed(2) : ''}>
            <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
              <NumberField
                label={t('price')}
                draftKey={key('price')}
                value={item.price / 100}
                decimals={2}
                examples="32, 24.50"
                onCommit={(n) =>
                  n >= 0 ? take({ price: Math.round(n * 100) }) : { took: false, message: t('wholeNumber') }
                }
              />
              <TextField
                label={t('source')}
                draftKey={key('source')}
                value={item.source}
                onCommit={(source) => take({ source: source.slice(0, 80) })}
              />
              <Pick
                label={t('state')}
                value={item.state}
                options={(['owned', 'ordered', 'gone'] as const).map((x) => ({
                  value: x,
                  label: t(`states.${x}`),
                }))}
                onChange={(state) => save({ state })}
              />
              {date('boughtOn', t('boughtOn'))}
              {date('dueOn', t('dueOn'))}
              {date('returnBy', t('returnBy'))}
              {number('seasonsServed', t('served'))}
              <p className="self-end text-[13px] text-soft">
                {item.price > 0 && item.seasonsServed > 0
                  ? t('perSeason', { price: (item.price / 100 / item.seasonsServed).toFixed(2) })
                  : ''}
              </p>
            </div>
            {flag('tagsOn')}
          </Fold>
          <Fold title={t('where')} says={room?.name ?? place?.name ?? item.whereabouts}>
            <Pick
              label={t('room')}
              value={item.roomId ?? ''}
              options={[
                { value: '', label: t('noRoom') },
                ...head.rooms.slice(0, 300).map((r) => ({ value: r.id, label: r.name })),
              ]}
              onChange={(x) => save({ roomId: x === '' ? null : x })}
            />
            <div className="mt-2">
              <TextField
                label={t('whereabouts')}
                draftKey={key('whereabouts')}
                value={item.whereabouts}
                onCommit={(whereabouts) => take({ whereabouts: whereabouts.slice(0, 80) })}
              />
            </div>
            <p className="mb-0.5 mt-2 font-narrow text-[13px] text-soft">{t('season')}</p>
            {many('season', SEASONS, (v) => t(`seasons.${v}`))}
            {sheet.uses.length > 0 ? (
              <ul className="mt-2 text-[14px]">
                {sheet.uses.map((u) => (
                  <li key={`${u.roomId}${u.lookId}`}>
                    {t('usedIn', { count: u.count, room: u.roomName, look: u.lookName })}
                  </li>
                ))}
              </ul>
            ) : (
              <p className="mt-2 text-[14px] text-soft">{t('unused')}</p>
            )}
          </Fold>
          <Fold title={t('photo')}>
            {item.photoId && (
              <img
                src={`/api/photos/${item.photoId}`}
                alt={item.name}
                className="mb-2 max-h-[220px] w-full object-contain"
              />
            )}
            <label className="inline-flex cursor-pointer rounded-md border border-ink px-2 py-0.5 text-[13px] font-medium has-focus-visible:outline-2">
              <input
                type="file"
                accept="image/jpeg,image/png,image/webp,image/avif"
                className="sr-only"
                onChange={(e) => {
                  void setPhoto(e.target.files?.[0]);
                  e.target.value = '';
                }}
              />
              {t('photoTake')}
            </label>
            {item.photoId && (
              <Button small look="quiet" onClick={() => save({ photoId: null })}>
                {t('photoDrop')}
              </Button>
            )}
          </Fold>
          <TextField
            className="mt-2"
            label={t('note')}
            draftKey={key('note')}
            value={item.note}
            onCommit={(note) => take({ note: note.slice(0, 2000) })}
          />
          <div className="mt-4 flex gap-2 border-t border-line pt-3">
            <Button small onClick={duplicate}>
              {t('duplicate')}
            </Button>
            <Button small onClick={remove}>
              {t('remove')}
            </Button>
          </div>
        </>
      )}
    </div>
  );
}
