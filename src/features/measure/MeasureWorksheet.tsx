'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useEffect, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { useRoom } from '../shell/room/RoomContext';
import { SheetTitle } from '../shell/Workspace';
import type { BumpKind } from './buildBump';
import type { PlanMode } from './PlanView';
import { RoomForm } from './RoomForm';
import { findThing, goesWith } from './thing';

/** What stands on the worksheet instead of the room or the picked thing. */
export type Side = { kind: 'bump'; bump: BumpKind; wallId: string } | { kind: 'photo'; wallId: string };

// forms that are not on the first sight of the page come when they are called for, or when nothing else is to
// be done
const forms = { opening: () => import('./OpeningForm'), thing: () => import('./ThingForms') };
const OpeningForm = dynamic(() => forms.opening().then((m) => m.OpeningForm), { loading: () => null });
const FittingForm = dynamic(() => forms.thing().then((m) => m.FittingForm), { loading: () => null });
const PieceForm = dynamic(() => forms.thing().then((m) => m.PieceForm), { loading: () => null });
const BumpForm = dynamic(() => import('./BumpForm').then((m) => m.BumpForm), { loading: () => null });
const StandingForm = dynamic(() => import('./Standing').then((m) => m.StandingForm), { loading: () => null });
const WallPhotoPanel = dynamic(() => import('./WallPhotoPanel').then((m) => m.WallPhotoPanel), {
  loading: () => null,
});

/** Measure's worksheet: the picked thing, or the room. */
export function MeasureWorksheet({
  side,
  mode,
  onSide,
  onRemove,
}: {
  side: Side | null;
  mode: PlanMode;
  onSide: (side: Side | null) => void;
  onRemove: (id: string) => void;
}): ReactNode {
  const t = useTranslations('measure');
  const { file, wallId, picked, pick } = useRoom();
  const current = findThing(file, picked);
  const onPlan = wallId === 'plan';
  useEffect(() => {
    if (typeof window.requestIdleCallback !== 'function') return;
    const waiting = window.requestIdleCallback(() => {
      for (const get of Object.values(forms)) void get();
    });
    return () => window.cancelIdleCallback(waiting);
  }, []);
  if (side?.kind === 'bump')
    return <BumpForm key={side.bump} kind={side.bump} wallId={side.wallId} onDone={() => onSide(null)} />;
  if (side?.kind === 'photo')
    return (
      <>
        <SheetTitle>{t('photo.title')}</SheetTitle>
        <WallPhotoPanel wallId={side.wallId} onDone={() => onSide(null)} />
      </>
    );
  if (current && !(onPlan && mode !== 'pieces')) {
    return (
      <>
        <SheetTitle detail={t(`kinds.${current.thing.kind}`)}>{current.thing.name}</SheetTitle>
        <div key={current.thing.id}>
          {current.kind === 'opening' && <OpeningForm opening={current.thing} />}
          {current.kind === 'fitting' && <FittingForm fitting={current.thing} />}
          {current.kind === 'piece' && <PieceForm piece={current.thing} />}
        </div>
        <div className="mt-5 flex flex-wrap items-center gap-2 border-t border-line pt-3">
          <Button small onClick={() => pick(null)}>
            {t('back')}
          </Button>
          <Button small onClick={() => onRemove(current.thing.id)}>
            {t('remove')}
          </Button>
          <p className="text-[13px] text-soft">
            {t('removeSays', { name: current.thing.name, count: goesWith(file, current.thing.id) })}
          </p>
        </div>
      </>
    );
  }
  if (onPlan && mode === 'standing')
    return (
      <>
        <SheetTitle detail={file.room.name}>{t('modes.standing')}</SheetTitle>
        <StandingForm />
      </>
    );
  return (
    <>
      <SheetTitle detail={file.home.name}>{file.room.name}</SheetTitle>
      <RoomForm key={mode} outlineOpen={onPlan && mode === 'walls'} />
    </>
  );
}
