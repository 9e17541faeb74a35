'use client';
import { Disclosure } from '../../ui/Collapsible';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode, type RefObject } from 'react';
import { spotsOfRoomAction } from '../../actions/stash';
import { formatSize } from '../../core/base/length';
import { hexOfLab, labOfHex } from '../../core/colour/spaces';
import type { Item } from '../../core/model/types';
import { ITEM_KINDS, SEASONS, TEXTURES } from '../../core/model/values/item';
import { EVERYTHING, type StashFilter } from '../../core/stash/entry';
import type { FitsIn } from '../../core/plan/fitsIn';
import { useSpotName } from '../shell/placing/useSpotName';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/FileButton';
import { Select } from '../../ui/Select';
import { LengthField, TAKEN } from '../../ui/Field';
import { startSampler } from '../../workers/sample/client';
import { useStashRoom } from './StashContext';

/** What is looked for: words, kind, colour family, size, texture, season, place. */
export function FilterPanel({
  filter,
  onFilter,
  searchRef,
}: {
  filter: StashFilter;
  onFilter: (f: StashFilter) => void;
  searchRef: RefObject<HTMLInputElement | null>;
}): ReactNode {
  const t = useTranslations('stash');
  const anyOf = useAnyOf();
  const [open, setOpen] = useState(false);
  const set = (patch: Partial<StashFilter>) => onFilter({ ...filter, ...patch });
  const count = countOf(filter);
  return (
    <section aria-label={t('filter')} className="bg-sheet px-4 py-3 lg:sticky lg:top-3">
      <label className="block">
        <span className="sr-only">{t('search')}</span>
        <input
          ref={searchRef}
          type="search"
          value={filter.words}
          placeholder={t('searchHint')}
          onChange={(e) => set({ words: e.target.value.slice(0, 80) })}
          className="w-full border-b border-ink bg-transparent py-1 text-[16px] outline-none"
        />
      </label>
      <Disclosure
        open={open}
        onOpenChange={setOpen}
        mounted
        trigger={t('more', { count })}
        triggerClass="mt-2 min-h-[32px] text-[14px] underline underline-offset-4 lg:hidden"
        contentClass="mt-2 space-y-2.5 data-[state=closed]:max-lg:hidden lg:!block"
      >
        <Select
          label={t('kind')}
          value={filter.kinds[0] ?? ''}
          options={anyOf(ITEM_KINDS, (k) => t(`kinds.${k}`))}
          onChange={(k) => set({ kinds: k === '' ? [] : [k as Item['kind']] })}
        />
        <FamilyFilter filter={filter} set={set} />
        <FitsFilter filter={filter} set={set} />
        <MoreFilters filter={filter} set={set} />
        {count > 0 && (
          <Button small onClick={() => onFilter({ ...EVERYTHING, words: filter.words })}>
            {t('clear')}
          </Button>
        )}
      </Disclosure>
    </section>
  );
}

/** How many filters are set, the words aside. */
const countOf = ({ words: _words, kinds, ...others }: StashFilter): number =>
  Number(kinds.length > 0) + Object.values(others).filter((value) => value !== null).length;

type FilterProps = { filter: StashFilter; set: (patch: Partial<StashFilter>) => void };

/** A colour to look for, chosen or taken from a photo. */
function FamilyFilter({ filter, set }: FilterProps): ReactNode {
  const t = useTranslations('stash');
  /** The largest colour of a photo's middle. */
  const familyOf = async (file: File) => {
    const sampler = startSampler();
    const size = await sampler.open(file);
    const sample =
      size &&
      (await sampler.colours({
        regions: [{ x: 0.3, y: 0.3, width: 0.4, height: 0.4 }],
        card: null,
        cardReflectance: 0.9,
        count: 3,
        seed: 1,
      }));
    sampler.close();
    const first = sample?.colours[0];
    if (first) set({ family: { l: first.l, a: first.a, b: first.b } });
  };
  return (
    <div>
      <span className="block font-narrow text-[13px] text-soft">{t('family')}</span>
      <span className="flex items-center gap-2 border-b border-line py-1">
        <input
          type="color"
          aria-label={t('familyColour')}
          value={filter.family ? hexOfLab(filter.family) : '#808080'}
          onChange={(e) => {
            const lab = labOfHex(e.target.value);
            if (lab) set({ family: lab });
          }}
          className="h-[24px] w-9 border border-ink bg-transparent"
        />
        <FileButton small accept="image/*" onFiles={([file]) => void familyOf(file)}>
          {t('fromPhoto')}
        </FileButton>
        {filter.family && (
          <button
            type="button"
            className="ml-auto text-[13px] underline"
            onClick={() => set({ family: null })}
          >
            {t('any')}
          </button>
        )}
      </span>
    </div>
  );
}

/** A size is not limited from here on. */
const ANY_SIZE_MM = 100_000;

/** What has to fit somewhere: a size, or a spot in one of the rooms. */
function FitsFilter({ filter, set }: FilterProps): ReactNode {
  const t = useTranslations('stash');
  const { head, unit } = useStashRoom();
  const [spots, setSpots] = useState<{ roomId: string; spots: FitsIn[] } | null>(null);
  const size = (field: 'widthMm' | 'heightMm' | 'depthMm', mm: number | null) => {
    const fits = {
      ...(filter.fits ?? { widthMm: ANY_SIZE_MM, heightMm: ANY_SIZE_MM, depthMm: null }),
      [field]: field === 'depthMm' ? mm : (mm ?? ANY_SIZE_MM),
    };
    set({
      fits:
        fits.widthMm === ANY_SIZE_MM && fits.heightMm === ANY_SIZE_MM && fits.depthMm === null ? null : fits,
    });
  };
  const shownSize = (mm: number | null | undefined) =>
    mm === undefined || mm === null || mm >= ANY_SIZE_MM ? null : mm;
  const chooseRoom = async (roomId: string) => {
    if (roomId === '') {
      setSpots(null);
      return;
    }
    setSpots({ roomId, spots: await spotsOfRoomAction(roomId) });
  };
  const nameOf = useSpotName();
  const spotName = ({ where, widthMm, heightMm }: FitsIn) =>
    t('spotSize', {
      spot: where.kind === 'over' ? t('spotOver', { of: where.name }) : nameOf(where),
      size: formatSize(widthMm, heightMm, unit),
    });
  return (
    <div>
      <span className="block font-narrow text-[13px] text-soft">{t('fits')}</span>
      <div className="grid grid-cols-3 gap-x-3">
        <LengthField
          label={t('wide')}
          draftKey="stash-fit-w"
          size="small"
          valueMm={shownSize(filter.fits?.widthMm)}
          unit={unit}
          onClear={() => size('widthMm', null)}
          onCommit={(mm) => {
            size('widthMm', mm);
            return TAKEN;
          }}
        />
        <LengthField
          label={t('high')}
          draftKey="stash-fit-h"
          size="small"
          valueMm={shownSize(filter.fits?.heightMm)}
          unit={unit}
          onClear={() => size('heightMm', null)}
          onCommit={(mm) => {
            size('heightMm', mm);
            return TAKEN;
          }}
        />
        <LengthField
          label={t('deep')}
          draftKey="stash-fit-d"
          size="small"
          valueMm={filter.fits?.depthMm ?? null}
          unit={unit}
          onClear={() => size('depthMm', null)}
          onCommit={(mm) => {
            size('depthMm', mm);
            return TAKEN;
          }}
        />
      </div>
      <Select
        hideLabel
        label={t('spotRoom')}
        value={spots?.roomId ?? ''}
        options={[
          { value: '', label: t('spotRoom') },
          ...head.rooms.slice(0, 300).map((r) => ({ value: r.id, label: r.name })),
        ]}
        onChange={(id) => void chooseRoom(id)}
      />
      {spots && (
        <Select
          hideLabel
          label={t('spotPick')}
          value=""
          options={[
            { value: '', label: spots.spots.length === 0 ? t('spotNone') : t('spotPick') },
            ...spots.spots.map((s) => ({ value: s.id, label: spotName(s) })),
          ]}
          onChange={(id) => {
            const s = spots.spots.find((x) => x.id === id);
            if (s) set({ fits: { widthMm: s.widthMm, heightMm: s.heightMm, depthMm: s.depthMm } });
          }}
        />
      )}
    </div>
  );
}

/** A select has no empty value: things that are kept nowhere in particular have this one. */
const NOWHERE = '-';

/** Texture, pattern, season, what is free, place and state. */
function MoreFilters({ filter, set }: FilterProps): ReactNode {
  const t = useTranslations('stash');
  const { head } = useStashRoom();
  const list = useAnyOf();
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2">
      <Select
        label={t('texture')}
        value={filter.texture ?? ''}
        options={list(TEXTURES, (x) => t(`textures.${x}`))}
        onChange={(x) => set({ texture: x === '' ? null : (x as Item['texture']) })}
      />
      <Select
        label={t('scale')}
        value={filter.scale ?? ''}
        options={list(['plain', 'small', 'medium', 'large'] as const, (x) => t(`scales.${x}`))}
        onChange={(x) => set({ scale: x === '' ? null : (x as 'plain') })}
      />
      <Select
        label={t('season')}
        value={filter.season ?? ''}
        options={list(SEASONS, (x) => t(`seasons.${x}`))}
        onChange={(x) => set({ season: x === '' ? null : (x as 'spring') })}
      />
      <Select
        label={t('freeIn')}
        value={filter.freeIn ?? ''}
        options={list(['any', ...SEASONS] as const, (x) => (x === 'any' ? t('always') : t(`seasons.${x}`)))}
        onChange={(x) => set({ freeIn: x === '' ? null : (x as 'spring') })}
      />
      <Select
        label={t('place')}
        value={filter.placeId === '' ? NOWHERE : (filter.placeId ?? '')}
        options={[
          { value: '', label: t('any') },
          { value: NOWHERE, label: t('nowhere') },
          ...head.places.map((p) => ({ value: p.id, label: p.name })),
        ]}
        onChange={(x) => set({ placeId: x === NOWHERE ? '' : x || null })}
      />
      <Select
        label={t('state')}
        value={filter.state ?? ''}
        options={list(['owned', 'ordered', 'wished', 'returns', 'unseen', 'gone'] as const, (x) =>
          t(`states.${x}`),
        )}
        onChange={(x) => set({ state: x === '' ? null : (x as 'owned') })}
      />
    </div>
  );
}

/** The options of a list with "any" in front. */
function useAnyOf() {
  const t = useTranslations('stash');
  return <T extends string>(values: readonly T[], word: (v: T) => string) => [
    { value: '', label: t('any') },
    ...values.map((v) => ({ value: v, label: word(v) })),
  ];
}
