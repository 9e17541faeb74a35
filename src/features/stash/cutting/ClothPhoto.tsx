'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { clamp } from '../../../core/base/units';
import { homography, project, type Four, type Px } from '../../../core/geometry/homography';
import type { ClothMarks } from '../../../core/textiles/clothCuts';
import { FileButton, IMAGE_TYPES } from '../../../ui/FileButton';
import { PointsOnPhoto } from '../../shell/PointsOnPhoto';
import { useTakeInPhoto } from '../../shell/photos';
import { useItem } from '../item/ItemContext';

/** Where the corners of a cloth are taken to be on a photo that just came. */
const USUAL: Four = [
  { x: 0.08, y: 0.08 },
  { x: 0.92, y: 0.08 },
  { x: 0.92, y: 0.92 },
  { x: 0.08, y: 0.92 },
];

/**
 * A photo of the cloth: its four corners say how it lies, and what is pressed on it or dragged is where the middles of its
 * motifs are, at scale.
 */
export function ClothPhoto({
  marks,
  onChange,
}: {
  marks: ClothMarks;
  onChange: (patch: Partial<ClothMarks>) => void;
}): ReactNode {
  const t = useTranslations('cutting');
  const takeInPhoto = useTakeInPhoto();
  const { item, save, setProblem } = useItem();
  const setPhoto = async (file: File) => {
    const kept = await takeInPhoto(file);
    if (kept.ok) save({ photoId: kept.id, cloth: { ...marks, corners: [...USUAL] } });
    else setProblem({ text: kept.message });
  };
  const { widthMm, heightMm } = item;
  const corners: Four = marks.corners ?? USUAL;
  const flat: Four = [
    { x: 0, y: 0 },
    { x: widthMm, y: 0 },
    { x: widthMm, y: heightMm },
    { x: 0, y: heightMm },
  ];
  const toPhoto = homography(flat, corners);
  const toCloth = homography(corners, flat);
  const onCloth = (p: Px) => {
    if (!toCloth) return null;
    const { x, y } = project(toCloth, p);
    return { xMm: Math.round(clamp(x, 0, widthMm)), yMm: Math.round(clamp(y, 0, heightMm)) };
  };
  const move = (key: string, p: Px) => {
    const [kind, n] = key.split(':');
    const i = Number(n);
    if (kind === 'corner') {
      const next = corners.map((c, k) => (k === i ? p : c)) as unknown as Four;
      onChange({ corners: [...next] });
      return;
    }
    const at = onCloth(p);
    if (at) onChange({ motifs: marks.motifs.map((m, k) => (k === i ? at : m)) });
  };
  const add = (p: Px) => {
    const at = onCloth(p);
    if (at) onChange({ motifs: [...marks.motifs, at] });
  };
  return (
    <section aria-label={t('photo')}>
      <h3 className="mt-3 font-sans text-[14px] font-semibold">{t('photo')}</h3>
      {item.photoId && (
        <>
          <p className="mb-1.5 text-[13px] text-soft">{toPhoto ? t('photoNote') : t('photoFlat')}</p>
          <PointsOnPhoto
            src={`/api/photos/${item.photoId}`}
            alt={item.name}
            outline={corners.map((_, i) => `corner:${i}`)}
            points={[
              ...corners.map((p, i) => ({
                key: `corner:${i}`,
                p,
                name: t('photoCorner', { n: i + 1 }),
                isRound: false,
              })),
              ...(toPhoto
                ? marks.motifs.map(({ xMm, yMm }, i) => ({
                    key: `motif:${i}`,
                    p: project(toPhoto, { x: xMm, y: yMm }),
                    name: t('photoMotif', { n: i + 1 }),
                    isRound: true,
                  }))
                : []),
            ]}
            onMove={move}
            onPress={add}
          />
        </>
      )}
      <FileButton small accept={IMAGE_TYPES} onFiles={([file]) => file && void setPhoto(file)}>
        {item.photoId ? t('photoOther') : t('photoTake')}
      </FileButton>
    </section>
  );
}
