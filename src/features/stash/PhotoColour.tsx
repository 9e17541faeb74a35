'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { nameColour } from '../../core/colour/name';
import type { Sample } from '../../core/colour/sample';
import type { Item } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { NumberField, TAKEN } from '../../ui/Field';
import { FileButton, IMAGE_TYPES } from '../../ui/FileButton';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { useColourName } from '../shell/useWords';
import { Marking } from './Marking';
import { ShareBar } from './Swatches';
import { useSampledPhoto } from './useSampledPhoto';

type Props = { item: Item; onTake: (patch: Partial<Item>) => void; onLeave: () => void };

/**
 * A thing's colours from a photo: mark cloth, tap the white card, and see corrected and as it came side by
 * side.
 */
export function PhotoColour({ item, onTake, onLeave }: Props): ReactNode {
  const t = useTranslations('stash');
  const sampled = useSampledPhoto();
  const { photo, problem, busy, choose, patch } = sampled;
  const use = async () => {
    const found = await patch();
    if (found) onTake(found);
  };
  return (
    <div className="space-y-2.5">
      <h3 className="font-sans text-[15px] font-semibold">{t('pc.title')}</h3>
      {!photo ? (
        <>
          <p className="text-[14px] text-soft">{t('pc.intro')}</p>
          <div className="flex flex-wrap gap-2">
            <FileButton accept={IMAGE_TYPES} disabled={busy} onFiles={([file]) => void choose(file)}>
              {busy ? t('loading') : t('pc.choose')}
            </FileButton>
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
        <MarkedPhoto sampled={sampled} address={photo.address} onUse={() => void use()} />
      )}
      {problem && (
        <p role="alert" className="text-[13px]">
          {problem}
        </p>
      )}
      <Button small variant="quiet" className="!px-0" onClick={onLeave}>
        {t('back')}
      </Button>
    </div>
  );
}

/** The photo with what is marked on it, and what was found there. */
function MarkedPhoto({
  sampled,
  address,
  onUse,
}: {
  sampled: ReturnType<typeof useSampledPhoto>;
  address: string;
  onUse: () => void;
}): ReactNode {
  const t = useTranslations('stash');
  const [tool, setTool] = useState<'cloth' | 'card'>('cloth');
  const { regions, card, reflectance, count, sample, busy } = sampled;
  const { mark, clearMarks, leavePhoto, setCount, setReflectance } = sampled;
  return (
    <>
      <ToggleGroup
        label={t('pc.tool')}
        variant="buttons"
        value={tool}
        options={(['cloth', 'card'] as const).map((k) => ({ value: k, label: t(`pc.${k}`) }))}
        onChange={setTool}
      />
      <Marking
        address={address}
        regions={regions}
        card={card}
        tool={tool}
        onRegion={(region) => mark(tool, region)}
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
          range={[1, 8]}
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
            range={[5, 100]}
            onCommit={(n) => {
              setReflectance(n / 100);
              return TAKEN;
            }}
          />
        )}
      </div>
      {sample && <FoundColours sample={sample} />}
      {sample?.cardIssue && (
        <p role="alert" className="text-[13px]">
          {t(`pc.cards.${sample.cardIssue}`)}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button variant="primary" disabled={!sample || busy} onClick={() => onUse()}>
          {t('pc.use')}
        </Button>
        <Button onClick={clearMarks}>{t('pc.again')}</Button>
        <Button onClick={() => leavePhoto()}>{t('pc.other')}</Button>
      </div>
    </>
  );
}

/** The colours found, corrected by the card and as the photo has them. */
function FoundColours({ sample: shown }: { sample: Sample }): ReactNode {
  const t = useTranslations('stash');
  const named = useColourName();
  return (
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
  );
}
