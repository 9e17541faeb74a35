'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Px } from '../../core/geometry/homography';
import type { WallPhoto } from '../../core/model/types';
import { PointsOnPhoto } from '../shell/PointsOnPhoto';
import { photoAddress } from './WallPhotoLayer';

type CornerProps = {
  photo: WallPhoto;
  known: readonly [Px, Px];
  onCorner: (i: number, p: Px) => void;
  onKnown: (i: number, p: Px) => void;
  onSize: (w: number, h: number) => void;
};

/** The photo with its four corners, and the two ends of the known length, to be dragged. */
export function CornerPicture({ photo, known, onCorner, onKnown, onSize }: CornerProps): ReactNode {
  const t = useTranslations('measure');
  const corners = photo.corners.map((p, i) => ({
    key: `corner:${i}`,
    p,
    name: t('photo.corner', { n: i + 1 }),
    isRound: true,
  }));
  const ends = known.map((p, i) => ({
    key: `known:${i}`,
    p,
    name: t('photo.end', { n: i + 1 }),
    isRound: false,
  }));
  return (
    <PointsOnPhoto
      src={photoAddress(photo.photoId)}
      alt={t('photo.under')}
      points={[...corners, ...ends]}
      outline={corners.map(({ key }) => key)}
      line={['known:0', 'known:1']}
      onMove={(key, p) => {
        const [kind, i] = key.split(':');
        if (kind === 'corner') onCorner(Number(i), p);
        else onKnown(Number(i), p);
      }}
      onSize={onSize}
    />
  );
}
