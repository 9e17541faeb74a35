'use client';
import { first } from '../../../core/base/list';
import { useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { DAYLIGHT } from '../../../core/colour/light';
import { applyChange, type Change } from '../../../core/model/change';
import { inLook } from '../../../core/room/arrange';
import { ruleBook } from '../../../core/rules/book';
import type { View } from '../paint';
import { RestContext, RoomContext, type Kept, type RoomAtRest } from './RoomContext';
import { useDressing } from './useDressing';
import { useLookPlans } from './useLookPlans';
import { useWarmUp, withFreshLists } from './useWarmUp';

/** What is shown of a room, and what is picked, previewed and asked in it. */
export function RoomState({
  kept,
  firstLook,
  firstWall,
  firstAsked = null,
  inAddress = false,
  children,
}: {
  kept: Kept;
  firstLook: string | null;
  firstWall: string | null;
  /** A rule that an address asks the reason of. */ firstAsked?: string | null;
  inAddress?: boolean;
  children: ReactNode;
}): ReactNode {
  const [lookId, setLookId] = useState<string>(
    () => firstLook ?? kept.file.looks.find((l) => l.season !== null)?.id ?? first(kept.file.looks).id,
  );
  const [wall, putWall] = useState({ id: firstWall ?? '', chosen: firstWall !== null });
  const [previewed, preview] = useState<Change[] | null>(null);
  const [picked, pick] = useState<string | null>(null);
  const [kelvin, setKelvin] = useState<number>(DAYLIGHT);
  const [view, setView] = useState<View>('plain');
  const [familyId, setFamily] = useState<string | null>(null);
  const [asked, askWhy] = useState(firstAsked);

  const remember = useCallback(
    (key: string, value: string) => {
      if (!inAddress) return;
      const url = new URL(window.location.href);
      url.searchParams.set(key, value);
      window.history.replaceState(null, '', url);
    },
    [inAddress],
  );
  const showLook = useCallback(
    (id: string) => {
      setLookId(id);
      remember('look', id);
    },
    [remember],
  );
  const setLook = useCallback(
    (id: string) => {
      showLook(id);
      pick(null);
    },
    [showLook],
  );
  const setWall = useCallback(
    (id: string) => {
      putWall({ id, chosen: true });
      remember('wall', id);
    },
    [remember],
  );

  const openWall = useCallback((id: string) => putWall({ id, chosen: false }), []);

  const warming = useWarmUp();
  const file = useMemo(() => {
    if (previewed) return previewed.reduce(applyChange, kept.file);
    return warming > 0 ? withFreshLists(kept.file) : kept.file;
  }, [kept.file, previewed, warming]);
  const look = file.looks.find((l) => l.id === lookId) ?? first(file.looks);
  const arranged = useMemo(() => inLook(file, look), [file, look]);
  const { planOf, ahead } = useLookPlans();
  const plan = useMemo(() => planOf(file, look.id), [planOf, file, look.id]);
  useEffect(() => ahead(kept.file), [ahead, kept.file]);
  const rules = useMemo(() => ruleBook(file.rules, file.room.unit), [file.rules, file.room.unit]);

  const isWall = file.room.walls.some((w) => w.id === wall.id);
  const shownWall = isWall || wall.id === 'plan' ? wall.id : first(file.room.walls).id;
  const wallIsChosen = isWall && wall.chosen;
  const { replay, takeFresh, saving, said, labels } = kept;
  const { change, began } = useDressing(kept, lookId, showLook);
  const rest = useMemo((): RoomAtRest => {
    const keptLook = kept.file.looks.find((l) => l.id === lookId) ?? first(kept.file.looks);
    return {
      file: kept.file,
      look: keptLook,
      plan: planOf(kept.file, keptLook.id),
      setLook,
      wallId: shownWall,
      wallIsChosen,
      kelvin,
      setKelvin,
      askWhy,
      change,
      replay,
      takeFresh,
      saving,
      said,
      began,
      labels,
    };
  }, [
    kept.file,
    lookId,
    planOf,
    setLook,
    shownWall,
    wallIsChosen,
    kelvin,
    change,
    replay,
    takeFresh,
    saving,
    said,
    began,
    labels,
  ]);
  const value = {
    ...kept,
    change,
    file,
    arranged,
    look,
    plan,
    rules,
    setLook,
    wallId: shownWall,
    wallIsChosen,
    setWall,
    openWall,
    preview,
    picked,
    pick,
    kelvin,
    setKelvin,
    view,
    setView,
    familyId,
    setFamily,
    asked,
    askWhy,
  };
  return (
    <RestContext value={rest}>
      <RoomContext value={value}>{children}</RoomContext>
    </RestContext>
  );
}
