'use client';
import { useTranslations } from 'next-intl';
import { PageLink, TEXT_LINK } from '../../ui/PageLink';
import { useRouter } from 'next/navigation';
import { useMemo, useState, type ReactNode } from 'react';
import { removeRoomAction } from '../../actions/room';
import { hexOfLab } from '../../core/colour/spaces';
import { STAGE_NAMES } from '../../core/model/finding';
import { Button } from '../../ui/Button';
import { LazyDialog } from '../../ui/LazyDialog';
import { StageBox } from '../../ui/Mark';
import { fitScale } from '../../ui/drawing/scale';
import { AboveEdge } from '../shell/drawing/AboveEdge';
import { ShapeView } from '../shell/drawing/ShapeView';
import { Valance } from '../shell/Valance';
import type { HomeRoom } from './types';

const CARD = { width: 392, height: 124 };

const UNDERLINED_ON_HOVER = 'underline decoration-transparent underline-offset-4 hover:decoration-ink';

/** One room: its valance, how far each stage is, and what is next. */
export function RoomCardView({ room }: { room: HomeRoom }): ReactNode {
  const t = useTranslations();
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  const paint = useMemo(() => (c: Parameters<typeof hexOfLab>[0]) => hexOfLab(c), []);
  const scale = useMemo(
    () =>
      fitScale({ widthMm: room.wall.lengthMm, heightMm: room.wall.ceilingMm }, CARD, {
        left: 10,
        right: 10,
        top: 10,
        bottom: 12,
      }),
    [room.wall.lengthMm, room.wall.ceilingMm],
  );
  const next = STAGE_NAMES.find((s) => room.stages[s].state !== 'done' && room.stages[s].needs === 'nothing');
  const remove = async () => {
    setAsking(false);
    await removeRoomAction(room.id);
    router.refresh();
  };
  return (
    <article className="bg-sheet">
      <PageLink href={`/rooms/${room.id}/${next ?? 'measure'}`} className="block" aria-label={room.name}>
        <Valance families={room.families} paint={paint} height={34} />
        <svg viewBox={`0 0 ${CARD.width} ${CARD.height}`} className="block w-full" aria-hidden="true">
          <rect width={CARD.width} height={CARD.height} fill="#eaeaea" />
          {room.wall.shapes.map((s) => (
            <ShapeView key={s.key} shape={s} scale={scale} paint={paint} lampLit={false} />
          ))}
          <AboveEdge elevation={room.wall} scale={scale} fill="#eaeaea" />
          <rect
            x={scale.x(0)}
            y={scale.y(0)}
            width={room.wall.lengthMm * scale.perMm}
            height="5"
            fill={paint(room.floor)}
          />
        </svg>
      </PageLink>
      <div className="px-4 pb-3 pt-1.5">
        <div className="flex items-baseline justify-between gap-3">
          <h2 className="text-[20px]">
            <PageLink href={`/rooms/${room.id}/${next ?? 'measure'}`}>{room.name}</PageLink>
          </h2>
          <p className="text-[13px] text-soft">{room.homeName}</p>
        </div>
        <p className="mt-0.5 text-[14px]">
          {room.lookName}, {t('home.looks', { count: room.looks })}; {t('home.open', { count: room.open })}
        </p>
        <ul className="mt-2 grid grid-cols-4 gap-x-1 gap-y-0.5 font-narrow text-[13px]">
          {STAGE_NAMES.map((s) => (
            <li key={s}>
              <PageLink
                href={`/rooms/${room.id}/${s}`}
                className={`flex min-h-[24px] items-center gap-1 ${UNDERLINED_ON_HOVER}`}
              >
                <StageBox state={room.stages[s].state} title={t(`stageState.${room.stages[s].state}`)} />
                {t(`stages.${s}`)}
              </PageLink>
            </li>
          ))}
        </ul>
        <div className="mt-3 flex flex-wrap items-center gap-2 border-t border-line pt-2.5">
          <PageLink
            href={`/rooms/${room.id}/${next ?? 'fitting'}`}
            className="inline-flex rounded-md border border-ink bg-ink px-3 py-1 text-[14px] font-medium text-sheet"
          >
            {next ? t('home.next', { stage: t(`stages.${next}`) }) : t('home.allDone')}
          </PageLink>
          <a href={`/api/rooms/${room.id}/file`} download className={`${TEXT_LINK} ml-auto text-[14px]`}>
            {t('home.file')}
          </a>
          <a href={`/api/rooms/${room.id}/file?photos=1`} download className={`${TEXT_LINK} text-[14px]`}>
            {t('home.filePhotos')}
          </a>
          <Button small variant="quiet" onClick={() => setAsking(true)}>
            {t('home.remove')}
          </Button>
        </div>
      </div>
      <LazyDialog
        open={asking}
        onClose={() => setAsking(false)}
        title={room.name}
        closeLabel={t('shell.close')}
      >
        <p className="mb-4">{t('home.removeSays', { name: room.name, looks: room.looks })}</p>
        <Button variant="primary" onClick={() => void remove()}>
          {t('home.remove')}
        </Button>
      </LazyDialog>
    </article>
  );
}
