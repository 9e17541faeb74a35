'use client';
import { useTranslations } from 'next-intl';
import { useEffect, useRef, useState } from 'react';
import type { Region, Sample } from '../../core/colour/sample';
import type { Item } from '../../core/model/types';
import { IMAGE_TYPES } from '../../ui/FileButton';
import { startSampler, type Sampler } from '../../workers/sample/client';
import { useTakeInPhoto } from '../shell/photos';

const SEED = 20260422;
/** A white card of the usual kind sends back about nine tenths of the light. */
const CARD = 0.9;
const TYPES = IMAGE_TYPES.split(',');
const MOST_BYTES = 40 * 1024 * 1024;
const MOST_PIXELS = 40_000_000;

/** Why a file cannot be read as a photo, before it is opened. */
function refusalOf(blob: Blob): 'kind' | 'large' | null {
  if (!TYPES.includes(blob.type)) return 'kind';
  return blob.size > MOST_BYTES ? 'large' : null;
}

/** A photo, what is marked on it, and the colours found there. */
export function useSampledPhoto() {
  const t = useTranslations('stash');
  const takeInPhoto = useTakeInPhoto();
  const [photo, setPhoto] = useState<{ address: string; blob: Blob } | null>(null);
  const [regions, setRegions] = useState<Region[]>([]);
  const [card, setCard] = useState<Region | null>(null);
  const [reflectance, setReflectance] = useState(CARD);
  const [count, setCount] = useState(4);
  const [sample, setSample] = useState<Sample | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
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
    setProblem(null);
    setSample(null);
    const refusal = refusalOf(blob);
    if (refusal) {
      setProblem(t(`pc.${refusal}`));
      return;
    }
    setBusy(true);
    sampler.current ??= startSampler();
    const size = await sampler.current.open(blob);
    setBusy(false);
    if (!size) {
      setProblem(t('pc.kind'));
      return;
    }
    if (size.width * size.height > MOST_PIXELS) {
      setProblem(t('pc.pixels'));
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
    // eslint-disable-next-line react-hooks/exhaustive-deps -- asked again when what is marked changes, compared as text
  }, [key]);
  const patch = async (): Promise<Partial<Item> | null> => {
    if (!sample || !photo) return null;
    setBusy(true);
    const kept = await takeInPhoto(photo.blob);
    setBusy(false);
    if (!kept.ok) {
      setProblem(kept.message);
      return null;
    }
    const swatches = (list: Sample['colours']) =>
      list.slice(0, 8).map((c) => ({ l: c.l, a: c.a, b: c.b, share: c.share }));
    return {
      colours: swatches(sample.colours),
      rawColours: sample.corrected ? swatches(sample.raw) : null,
      colourFrom: sample.corrected ? 'corrected' : 'photo',
      photoId: kept.id,
      spectrum: null,
    };
  };
  return {
    photo,
    regions,
    card,
    reflectance,
    count,
    sample: regions.length > 0 ? sample : null,
    problem,
    busy,
    choose,
    patch,
    setReflectance,
    setCount,
    mark: (tool: 'cloth' | 'card', region: Region) =>
      tool === 'cloth' ? setRegions([...regions, region]) : setCard(region),
    clearMarks: () => {
      setRegions([]);
      setCard(null);
    },
    leavePhoto: () => setPhoto(null),
  };
}
