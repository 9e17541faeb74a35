'use client';
import { Progress } from '../../ui/Progress';
import { useTranslations } from 'next-intl';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { formatBareLength, formatLength } from '../../core/base/length';
import type { HangingGroup } from '../../core/model/types';
import type { GalleryAsk, GalleryLayout } from '../../core/packing/frames';
import { galleryAskOf } from '../../core/plan/galleryAsk';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import { startGallery, type GallerySearcher } from '../../workers/gallery/client';
import { useRoom } from '../shell/room/RoomContext';
import { useWallActs } from './useWallActs';

type Found = { ask: GalleryAsk; middle: { xMm: number; centreMm: number }; layouts: GalleryLayout[] };

/**
 * Searches layouts beside the page: how far it is, the best so far, stopped at will; the best few to choose
 * from.
 */
export function GallerySearch({ group: g, plan: p }: { group: HangingGroup; plan: GroupPlan }): ReactNode {
  const t = useTranslations('walls');
  const { file, arranged, plan, rules, look } = useRoom();
  const acts = useWallActs();
  const unit = file.room.unit;
  const searcher = useRef<GallerySearcher | null>(null);
  const [running, setRunning] = useState<{
    done: number;
    of: number;
    best: GalleryLayout | null;
    ask: GalleryAsk;
  } | null>(null);
  const [found, setFound] = useState<Found | null>(null);
  useEffect(
    () => () => {
      searcher.current?.close();
      searcher.current = null;
    },
    [],
  );
  const search = (seed: number) => {
    const { ask, middle } = galleryAskOf({ ...g, seed }, p, { file: arranged, look, plan, rules });
    searcher.current ??= startGallery();
    setFound(null);
    setRunning({ done: 0, of: 1, best: null, ask });
    searcher.current
      .search(ask, 5, (progress) => setRunning({ ...progress, ask }))
      .then((layouts) => {
        setRunning(null);
        setFound({ ask, middle, layouts });
      })
      .catch(() => {
        setRunning(null);
        setFound({ ask, middle, layouts: [] });
      });
  };
  const enough = p.members.size >= 2;
  return (
    <div>
      {running ? (
        <div className="flex items-center gap-3">
          {running.best && <Thumb layout={running.best} ask={running.ask} />}
          <div className="flex-1">
            <Progress label={t('search')} value={running.done} max={running.of} />
            <p className="text-[13px] text-soft" aria-live="polite">
              {t('searching', { done: running.done, of: running.of })}
            </p>
          </div>
          <Button small onClick={() => searcher.current?.stop()}>
            {t('stop')}
          </Button>
        </div>
      ) : (
        <div className="flex flex-wrap gap-2">
          <Button small variant="primary" disabled={!enough} onClick={() => search(g.seed)}>
            {t('search')}
          </Button>
          {found && (
            <Button
              small
              onClick={() => {
                acts.relay(g, { seed: g.seed + 1 });
                search(g.seed + 1);
              }}
            >
              {t('again')}
            </Button>
          )}
          {!enough && <span className="text-[13px] text-soft">{t('needFrames')}</span>}
        </div>
      )}
      {found && found.layouts.length === 0 && (
        <p role="status" className="mt-2 text-[14px]">
          {t('noRoom')}
        </p>
      )}
      {found && found.layouts.length > 0 && (
        <section className="mt-3">
          <h4 className="mb-1 font-sans text-[13px] font-semibold">{t('results')}</h4>
          <ol className="grid grid-cols-2 gap-x-3 gap-y-3">
            {found.layouts.map((l, i) => (
              <li key={i} className="text-[13px]">
                <Thumb layout={l} ask={found.ask} />
                <p className="mt-0.5 text-soft">
                  <Words>
                    {t('resultSays', {
                      width: formatBareLength(l.widthMm, unit),
                      height: formatLength(l.heightMm, unit),
                      fill: `${Math.round(l.filled * 100)}%`,
                    })}
                  </Words>
                  {found.ask.holes.length > 0 &&
                    `, ${t('holesUsed', { used: l.holesUsed, hidden: l.holesHidden })}`}
                </p>
                <Button small onClick={() => acts.arrange(g, found.middle, l)}>
                  {t('takeLayout')}
                </Button>
              </li>
            ))}
          </ol>
        </section>
      )}
    </div>
  );
}

function Thumb({ layout, ask }: { layout: GalleryLayout; ask: GalleryAsk }): ReactNode {
  const frames = [...ask.frames, ...ask.pinned].flatMap((f) => {
    const place = layout.at.get(f.id);
    return place ? [{ f, place }] : [];
  });
  const [left, right] = [
    Math.min(...frames.map(({ f, place }) => place.xMm - f.widthMm / 2)),
    Math.max(...frames.map(({ f, place }) => place.xMm + f.widthMm / 2)),
  ];
  const [low, high] = [
    Math.min(...frames.map(({ f, place }) => place.yMm - f.heightMm / 2)),
    Math.max(...frames.map(({ f, place }) => place.yMm + f.heightMm / 2)),
  ];
  const scale = Math.min(140 / Math.max(1, right - left), 84 / Math.max(1, high - low));
  return (
    <svg viewBox="0 0 150 92" className="w-[150px] shrink-0 bg-well" aria-hidden="true">
      {frames.map(({ f, place }) => (
        <rect
          key={f.id}
          x={75 + (place.xMm - f.widthMm / 2 - (left + right) / 2) * scale}
          y={46 - (place.yMm + f.heightMm / 2 - (low + high) / 2) * scale}
          width={f.widthMm * scale}
          height={f.heightMm * scale}
          fill={`rgb(${Math.round(225 - 150 * f.weight)} ${Math.round(225 - 150 * f.weight)} ${Math.round(225 - 150 * f.weight)})`}
          stroke="#141414"
          strokeWidth="0.6"
        />
      ))}
    </svg>
  );
}
