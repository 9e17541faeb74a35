'use client';
import { ARROWS } from '../../ui/arrows';
import { useTranslations } from 'next-intl';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { nameColour } from '../../core/colour/name';
import type { Region, Sample } from '../../core/colour/sample';
import type { Item } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { NumberField, TAKEN } from '../../ui/Field';
import { startSampler, type Sampler } from '../../workers/sample/client';
import { takeInPhoto } from '../shell/photos';
import { useColourName } from '../shell/useWords';
import { ShareBar } from './Swatches';

const SEED = 20260422;
/** A white card of the usual kind sends back about nine tenths of the light. */
const CARD = 0.9;
const TYPES = ['image/jpeg', 'image/png', 'image/webp', 'image/avif'];
const MOST_BYTES = 40 * 1024 * 1024;
const MOST_PIXELS = 40_000_000;

type Props = { item: Item; onTake: (patch: Partial<Item>) => void; onLeave: () => void };

/**
 * A thing's colours from a photo: mark cloth, tap the white card, and see corrected and as it came side by
 * side.
 */
export function PhotoColour({ item, onTake, onLeave }: Props): ReactNode {
  const t = useTranslations('stash');
  const named = useColourName();
  const [photo, setPhoto] = useState<{ address: string; blob: Blob } | null>(null);
  const [regions, setRegions] = useState<Region[]>([]);
  const [card, setCard] = useState<Region | null>(null);
  const [reflectance, setReflectance] = useState(CARD);
  const [count, setCount] = useState(4);
  const [tool, setTool] = useState<'cloth' | 'card'>('cloth');
  const [sample, setSample] = useState<Sample | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const sampler = useRef<Sampler | null>(null);
  useEffect(() => () => sampler.current?.close(), []);
  useEffect(
    () => () => {
      if (photo) URL.revokeObjectURL(photo.address);
    },
    [photo],
  );
  const choose = async (blob: Blob | null | undefined) => {
    if (!blob) return;
    setSays(null);
    setSample(null);
    if (!TYPES.includes(blob.type)) {
      setSays(t('pc.kind'));
      return;
    }
    if (blob.size > MOST_BYTES) {
      setSays(t('pc.large'));
      return;
    }
    setBusy(true);
    sampler.current ??= startSampler();
    const size = await sampler.current.open(blob);
    setBusy(false);
    if (!size) {
      setSays(t('pc.kind'));
      return;
    }
    if (size.width * size.height > MOST_PIXELS) {
      setSays(t('pc.pixels'));
      return;
    }
    setPhoto({ address: URL.createObjectURL(blob), blob });
    setRegions([]);
    setCard(null);
  };
  const key = JSON.stringify([regions, card, reflectance, count, photo?.address]);
  useEffect(() => {
    if (!photo || regions.length === 0) return;
    let here = true;
    void sampler.current
      ?.colours({ regions, card, cardReflectance: reflectance, count, seed: SEED })
      .then((found) => {
        if (here) setSample(found);
      });
    return () => {
      here = false;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- asked anew when what is marked changes, told apart by its text
  }, [key]);
  const use = async () => {
    if (!sample || !photo) return;
    setBusy(true);
    const kept = await takeInPhoto(photo.blob);
    setBusy(false);
    if (!kept.ok) {
      setSays(kept.message);
      return;
    }
    const swatches = (list: Sample['colours']) =>
      list.slice(0, 8).map((c) => ({ l: c.l, a: c.a, b: c.b, share: c.share }));
    onTake({
      colours: swatches(sample.colours),
      rawColours: sample.corrected ? swatches(sample.raw) : null,
      colourFrom: sample.corrected ? 'corrected' : 'photo',
      photoId: kept.id,
      spectrum: null,
    });
  };
  const shown = regions.length > 0 ? sample : null;
  return (
    <div className="space-y-2.5">
      <h3 className="font-sans text-[15px] font-semibold">{t('pc.title')}</h3>
      {!photo ? (
        <>
          <p className="text-[14px] text-soft">{t('pc.says')}</p>
          <div className="flex flex-wrap gap-2">
            <label className="inline-flex cursor-pointer rounded-md border border-ink px-3 py-1.5 text-[14px] font-medium has-focus-visible:outline-2">
              <input
                type="file"
                accept={TYPES.join(',')}
                className="sr-only"
                disabled={busy}
                onChange={(e) => {
                  void choose(e.target.files?.[0]);
                  e.target.value = '';
                }}
              />
              {busy ? t('loading') : t('pc.choose')}
            </label>
            {item.photoId && (
              <Button
                onClick={() =>
                  void fetch(`/api/photos/${item.photoId}`)
                    .then((r) => r.blob())
                    .then(choose)
                }
              >
                {t('pc.own')}
              </Button>
            )}
          </div>
        </>
      ) : (
        <>
          <div role="group" aria-label={t('pc.tool')} className="flex gap-1.5">
            {(['cloth', 'card'] as const).map((k) => (
              <Button
                key={k}
                small
                aria-pressed={tool === k}
                look={tool === k ? 'strong' : 'plain'}
                onClick={() => setTool(k)}
              >
                {t(`pc.${k}`)}
              </Button>
            ))}
          </div>
          <Marking
            address={photo.address}
            regions={regions}
            card={card}
            tool={tool}
            onRegion={(r) => (tool === 'cloth' ? setRegions([...regions, r]) : setCard(r))}
          />
          <p className="text-[13px] text-soft">
            {regions.length === 0 ? t('pc.markCloth') : t(card ? 'pc.cardMarked' : 'pc.markCard')}
          </p>
          <div className="grid grid-cols-2 gap-x-4">
            <NumberField
              label={t('pc.count')}
              draftKey="pc-count"
              size="small"
              value={count}
              step={1}
              within={[1, 8]}
              whole
              onCommit={(n) => {
                setCount(n);
                return TAKEN;
              }}
            />
            {card && (
              <NumberField
                label={t('pc.reflectance')}
                draftKey="pc-card"
                size="small"
                suffix="%"
                value={Math.round(reflectance * 100)}
                within={[5, 100]}
                onCommit={(n) => {
                  setReflectance(n / 100);
                  return TAKEN;
                }}
              />
            )}
          </div>
          {shown && (
            <div className={`grid gap-3 ${shown.corrected ? 'grid-cols-2' : ''}`}>
              {(shown.corrected ? (['colours', 'raw'] as const) : (['colours'] as const)).map((which) => (
                <div key={which}>
                  <p className="mb-1 font-narrow text-[13px] text-soft">
                    {which === 'raw' ? t('pc.raw') : t(shown.corrected ? 'pc.corrected' : 'mark.uncorrected')}
                  </p>
                  <ShareBar
                    colours={shown[which]}
                    height={40}
                    label={shown[which]
                      .map((c) => `${named(nameColour(c))} ${Math.round(c.share * 100)}%`)
                      .join(', ')}
                  />
                  <ul className="mt-1 text-[13px] leading-snug">
                    {shown[which].map((c, i) => (
                      <li key={i}>
                        {named(nameColour(c))} {Math.round(c.share * 100)}%
                      </li>
                    ))}
                  </ul>
                </div>
              ))}
            </div>
          )}
          {shown?.cardIssue && (
            <p role="alert" className="text-[13px]">
              {t(`pc.cards.${shown.cardIssue}`)}
            </p>
          )}
          <div className="flex flex-wrap gap-2">
            <Button look="strong" disabled={!shown || busy} onClick={() => void use()}>
              {t('pc.use')}
            </Button>
            <Button
              onClick={() => {
                setRegions([]);
                setCard(null);
              }}
            >
              {t('pc.again')}
            </Button>
            <Button onClick={() => setPhoto(null)}>{t('pc.other')}</Button>
          </div>
        </>
      )}
      {says && (
        <p role="alert" className="text-[13px]">
          {says}
        </p>
      )}
      <Button small look="quiet" className="!px-0" onClick={onLeave}>
        {t('back')}
      </Button>
    </div>
  );
}

/**
 * The photo, on which cloth and card are marked by dragging a box, or by tapping for a small one; by keyboard
 * with the arrows.
 */
function Marking({
  address,
  regions,
  card,
  tool,
  onRegion,
}: {
  address: string;
  regions: readonly Region[];
  card: Region | null;
  tool: 'cloth' | 'card';
  onRegion: (r: Region) => void;
}): ReactNode {
  const t = useTranslations('stash');
  const box = useRef<HTMLDivElement>(null);
  const [from, setFrom] = useState<{ x: number; y: number } | null>(null);
  const [to, setTo] = useState<{ x: number; y: number } | null>(null);
  const [cursor, setCursor] = useState({ x: 0.5, y: 0.5 });
  const at = (e: React.PointerEvent) => {
    const r = box.current!.getBoundingClientRect();
    return {
      x: Math.min(1, Math.max(0, (e.clientX - r.left) / r.width)),
      y: Math.min(1, Math.max(0, (e.clientY - r.top) / r.height)),
    };
  };
  const regionOf = (a: { x: number; y: number }, b: { x: number; y: number }): Region => {
    const tap = Math.abs(a.x - b.x) < 0.015 && Math.abs(a.y - b.y) < 0.015;
    return tap
      ? { x: Math.max(0, a.x - 0.03), y: Math.max(0, a.y - 0.03), width: 0.06, height: 0.06 }
      : {
          x: Math.min(a.x, b.x),
          y: Math.min(a.y, b.y),
          width: Math.abs(a.x - b.x),
          height: Math.abs(a.y - b.y),
        };
  };
  const onKeyDown = (e: React.KeyboardEvent) => {
    const by = e.shiftKey ? 0.1 : 0.02;
    const [across, down] = ARROWS[e.key] ?? [0, 0];
    const [dx, dy] = [across * by, down * by];
    if (dx !== 0 || dy !== 0) {
      e.preventDefault();
      setCursor((c) => ({
        x: Math.min(0.97, Math.max(0.03, c.x + dx)),
        y: Math.min(0.97, Math.max(0.03, c.y + dy)),
      }));
    }
    if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      onRegion(regionOf(cursor, cursor));
    }
  };
  const style = (r: Region) => ({
    left: `${r.x * 100}%`,
    top: `${r.y * 100}%`,
    width: `${r.width * 100}%`,
    height: `${r.height * 100}%`,
  });
  const drawn = from && to ? regionOf(from, to) : null;
  return (
    <div
      ref={box}
      role="application"
      tabIndex={0}
      aria-label={t(tool === 'cloth' ? 'pc.markClothLabel' : 'pc.markCardLabel')}
      onKeyDown={onKeyDown}
      className="group relative cursor-crosshair touch-none select-none"
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        setFrom(at(e));
        setTo(at(e));
      }}
      onPointerMove={(e) => {
        if (from) setTo(at(e));
      }}
      onPointerUp={(e) => {
        if (from) onRegion(regionOf(from, at(e)));
        setFrom(null);
        setTo(null);
      }}
      onPointerCancel={() => {
        setFrom(null);
        setTo(null);
      }}
    >
      <img src={address} alt={t('pc.photo')} draggable={false} className="block w-full" />
      {regions.map((r, i) => (
        <span
          key={i}
          aria-hidden="true"
          className="absolute border-2 border-white outline-1 outline-ink outline-solid"
          style={style(r)}
        />
      ))}
      {card && (
        <span
          aria-hidden="true"
          className="absolute border-2 border-dashed border-white outline-1 outline-ink outline-solid"
          style={style(card)}
        />
      )}
      {drawn && (
        <span aria-hidden="true" className="absolute border border-ink bg-white/25" style={style(drawn)} />
      )}
      <span
        aria-hidden="true"
        className="absolute hidden h-3 w-3 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-white bg-ink group-focus-visible:block"
        style={{ left: `${cursor.x * 100}%`, top: `${cursor.y * 100}%` }}
      />
    </div>
  );
}
