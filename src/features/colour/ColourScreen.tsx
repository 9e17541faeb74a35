'use client';
import type { AccentSpread } from '../../core/spread/places';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { Findings } from '../shell/Findings';
import type { View } from '../shell/paint';
import { percentWords } from '../shell/percentWords';
import { useRoom } from '../shell/room/RoomContext';
import { useFamilyName } from '../shell/useWords';
import { Numeral, SheetTitle, Workspace } from '../shell/Workspace';
import { AccentLines } from './AccentLines';
import { FamilyRow } from './FamilyRow';
import { ShareChart } from './ShareChart';
import { ShadePlan } from './ShadePlan';
import { TieChoice, TieList } from './TieList';
import { UnrolledWalls } from './UnrolledWalls';
import { useTies } from './useTies';

const BANDS = ['low', 'hand', 'eye', 'high'] as const;
/** The heights at which a colour is found. */
const heightsOf = ({ heights }: AccentSpread) => BANDS.filter((band) => heights[band] > 0);

/**
 * Colour over the room: shares of what is seen, and one accent at a time with its places, gap, pull and
 * heights.
 */
export function ColourScreen(): ReactNode {
  const t = useTranslations();
  const { plan, file, familyId, setFamily, view, setView } = useRoom();
  const name = useFamilyName();
  const { spread } = plan;
  const accents = spread.families.filter((f) => f.role === 'accent');
  const family = spread.families.find((f) => f.id === familyId) ?? accents[0] ?? spread.families[0];
  const unit = file.room.unit === 'in' ? 'ft-in' : file.room.unit;
  const s = family?.spread;
  const pullOf = ({ pull, pullTowards }: AccentSpread) =>
    pull < 0.05 || !pullTowards
      ? t('colour.balanced')
      : t('colour.towards', { percent: `${Math.round(pull * 100)}%`, side: t(`sidesLow.${pullTowards}`) });
  const choose = (id: string) => {
    setFamily(id);
    setView('one');
  };
  const views: { value: View; label: string }[] = [
    { value: 'plain', label: t('colour.all') },
    { value: 'one', label: t('views.one') },
    { value: 'squint', label: t('views.squint') },
    { value: 'values', label: t('views.values') },
  ];
  const ties = useTies();
  const findings = spread.findings.filter(
    (f) => f.by.family === undefined || f.by.family === family?.id || f.level !== 'ok',
  );
  return (
    <Workspace
      worksheet={
        <>
          <SheetTitle detail={t('colour.intro')}>{t('colour.title')}</SheetTitle>
          <ul>
            {spread.families.map((f) => (
              <FamilyRow key={f.id} family={f} isPicked={f.id === family?.id} onChoose={() => choose(f.id)} />
            ))}
          </ul>
          <ShareChart spread={spread} />
          <Findings findings={findings} title={t('colour.checks')} />
        </>
      }
    >
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 px-4 pb-1 pt-3">
        <h1 className="text-[24px]">
          {family ? t('colour.through', { name: name(family) }) : t('stages.colour')}
        </h1>
        <p className="text-[14px] text-soft">{view === 'one' ? t('colour.undyed') : ''}</p>
        <ToggleGroup
          label={t('views.label')}
          value={view}
          options={views}
          onChange={(next) => {
            if (next === 'one' && family) setFamily(family.id);
            setView(next);
          }}
          className="ml-auto"
        />
      </div>
      <UnrolledWalls family={family} ties={ties} />
      <TieChoice ties={ties} />
      {family && s && (
        <>
          <div className="mx-4 grid grid-cols-2 gap-x-5 gap-y-2 border-t border-line pt-2 sm:grid-cols-4">
            <Numeral
              label={t('colour.places')}
              rule="spread.placesWanted"
              note={t('colour.soft', { soft: s.soft, hard: s.hard })}
            >
              {String(s.places.length)}
            </Numeral>
            <Numeral
              label={t('colour.gap')}
              rule="spread.gapNoticed"
              note={s.places.length === 1 ? t('colour.whole') : percentWords(s.widestGap.share)}
            >
              {s.places.length === 0 ? '–' : formatLength(s.widestGap.lengthMm, unit)}
            </Numeral>
            <Numeral label={t('colour.pull')} rule="spread.pullNoticed">
              {s.places.length === 0 ? '–' : pullOf(s)}
            </Numeral>
            <Numeral
              label={t('colour.heights')}
              rule="spread.heightBands"
              note={heightsOf(s)
                .map((band) => t('colour.band', { count: s.heights[band], band }))
                .join(', ')}
            >
              {t('colour.bands', { count: heightsOf(s).length })}
            </Numeral>
          </div>
          <div className="grid gap-4 px-4 pb-4 pt-4 sm:grid-cols-[220px_1fr]">
            <ShadePlan family={family} ties={ties} />
            <section>
              <h2 className="mb-1 text-[18px]">{t('colour.where')}</h2>
              <ol className="columns-1 gap-6 text-[14px] sm:columns-2">
                {s.places.map((p, i) => (
                  <li key={i} className="break-inside-avoid border-b border-line py-1">
                    <b className="mr-2 font-semibold">{i + 1}</b>
                    {p.names.filter(Boolean).join(', ')}
                  </li>
                ))}
              </ol>
              {s.places.length === 0 && (
                <p className="text-[14px] text-soft">
                  {[...new Set(family.shades.map((x) => x.name).filter(Boolean))].join(', ')}
                </p>
              )}
            </section>
          </div>
          <AccentLines accents={accents} current={family.id} onPick={choose} />
          <TieList ties={ties} />
        </>
      )}
    </Workspace>
  );
}
