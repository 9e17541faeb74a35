'use client';
import { headOfLook } from '../../core/model/nouns';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { sheetParts, type SheetPart } from '../../core/plan/sheetParts';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { useFindingWords, useWallName } from '../shell/useWords';
import { Why } from '../shell/Why';
import { BuyList } from './BuyList';
import { ApproveZone } from './ApproveZone';
import { PartSteps } from './PartSteps';

/**
 * The fitting sheet: marks wall by wall from one line, in the day's order, what to buy, cautions. Printed as
 * it stands.
 */
export function FittingScreen(): ReactNode {
  const t = useTranslations('fitting');
  const { file, look, plan } = useRoom();
  const { sheet } = plan;
  const query = `look=${look.id}`;
  const nameOf = usePartName();
  const link =
    'inline-flex items-center rounded-md border border-ink bg-sheet px-3 py-1.5 text-[14px] font-medium hover:bg-well';
  return (
    <div
      id="drawing"
      tabIndex={-1}
      className="outline-none min-w-0 flex-1 px-3 pb-6 lg:pl-[26px] lg:pr-5 print:p-0"
    >
      <div className="bg-sheet px-4 py-4 sm:px-6 print-plain">
        <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2 border-b-2 border-ink pb-3">
          <h1 className="text-[24px]">{t('title')}</h1>
          <p className="text-[15px]">{t('for', { room: file.room.name, look: look.name })}</p>
          <div className="no-print ml-auto flex flex-wrap gap-2">
            <Button onClick={() => window.print()}>{t('print')}</Button>
            <a className={link} href={`/api/rooms/${file.room.id}/sheet.pdf?${query}&paper=a4`} download>
              {t('pdfA4')}
            </a>
            <a className={link} href={`/api/rooms/${file.room.id}/sheet.pdf?${query}&paper=letter`} download>
              {t('pdfLetter')}
            </a>
            <a className={link} href={`/api/rooms/${file.room.id}/sheet.csv?${query}`} download>
              {t('csv')}
            </a>
          </div>
        </header>
        {sheet.steps.length === 0 ? (
          <p className="py-6">{t('empty')}</p>
        ) : (
          <>
            <p className="my-3 max-w-[72ch]">
              <Words>{t('datum', { line: formatLength(sheet.levelLineMm, file.room.unit) })}</Words>{' '}
              <span className="no-print">
                <Why rule="fitting.levelLine" />
              </span>
            </p>
            {sheetParts(sheet.steps, look).map((part) => (
              <section key={part.key} className="keep-together mb-5 border-t border-line pt-3">
                <div className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
                  <h2 className="text-[19px]">{nameOf(part)}</h2>
                  {part.zone.of !== 'before' && (
                    <ApproveZone zone={part.zone} wallId={part.wallId} name={nameOf(part)} />
                  )}
                </div>
                <PartSteps part={part} />
              </section>
            ))}
            <div className="grid gap-8 border-t-2 border-ink pt-3 lg:grid-cols-2 print:block">
              <BuyList />
              <Cautions />
            </div>
            <TakenToSite />
          </>
        )}
      </div>
    </div>
  );
}

/** What a part of the sheet is called: its wall, the floor, or the piece or fitting that carries what is set out. */
function usePartName(): (part: SheetPart) => string {
  const t = useTranslations('fitting');
  const { arranged, plan } = useRoom();
  const wallName = useWallName();
  return ({ zone }) => {
    if (zone.of === 'before') return t('beforeTheDay');
    if (zone.of === 'floor') return t('floorZone');
    const wall = plan.walls.find((w) => w.id === zone.id);
    if (zone.of === 'wall') return wall ? wallName(wall) : '';
    const hosts = [...arranged.pieces, ...arranged.fittings, ...arranged.openings];
    return hosts.find((host) => host.id === zone.id)?.name ?? '';
  };
}

/** What to be careful about on the day. */
function Cautions(): ReactNode {
  const t = useTranslations('fitting');
  const { file, plan } = useRoom();
  const words = useFindingWords(file, plan);
  const { sheet } = plan;
  return (
    <section className="keep-together">
      <h2 className="mb-2 text-[19px]">{t('cautions')}</h2>
      <ul className="space-y-2 text-[14px]">
        {sheet.cautions.map((f, i) => (
          <li key={i} className="flex gap-2.5">
            <Mark level={f.level} />
            <span>
              <Words>{words(f)}</Words>
              {f.rule && (
                <span className="no-print">
                  {' '}
                  <Why rule={f.rule} />
                </span>
              )}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-3 border-t border-line pt-2 text-[13px] text-soft">{t('defer')}</p>
    </section>
  );
}

/** Whether the sheet that was taken to the site is still the one that is right. */
function TakenToSite(): ReactNode {
  const t = useTranslations('fitting');
  const { look, plan, change } = useRoom();
  const { sheet } = plan;
  const head = headOfLook(look);
  return (
    <div className="no-print mt-4 flex flex-wrap items-center gap-3 border-t border-line pt-3">
      {look.sheetTaken === sheet.fingerprint ? (
        <p>{t('takenSays')}</p>
      ) : (
        <>
          <Button
            variant="primary"
            onClick={() => change([{ do: 'putLook', look: { ...head, sheetTaken: sheet.fingerprint } }])}
          >
            {t('taken')}
          </Button>
          {look.sheetTaken !== null && (
            <p className="flex gap-2">
              <Mark level="caution" />
              {t('staleSays')}
            </p>
          )}
        </>
      )}
    </div>
  );
}
