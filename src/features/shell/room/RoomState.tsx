'use client';
import { findOne, first } from '../../../core/base/list';
import { useCallback, useEffect, useLayoutEffect, useMemo, useState, type ReactNode } from 'react';
import { DAYLIGHT } from '../../../core/colour/light';
import { applyChange, type Change } from '../../../core/model/change';
import type { RoomFile } from '../../../core/model/types';
import { lookToOpen } from '../../../core/model/records';
import { inLook } from '../../../core/room/arrange';
import { ruleBook } from '../../../core/rules/book';
import { holdHands } from '../../../ui/Awake';
import type { View } from '../paint';
import { RestContext, RoomContext, type Kept, type RoomAtRest, type RoomValue } from './RoomContext';
import { useDressing } from './useDressing';
import type { Planner, PlanOf, SentPlans } from './knownPlans';
import { useLookPlans } from './useLookPlans';
import { useWarmUp, withFreshLists } from './useWarmUp';

/** What is shown of a room, and what is picked, previewed and asked in it. */
export function RoomState({
  kept,
  planner,
  sent,
  firstLook,
  firstWall,
  firstAsked = null,
  inAddress = false,
  children,
}: {
  kept: Kept;
  /** What works plans out; null while it is on its way, and then there are plans that were sent. */
  planner: Planner | null;
  sent?: SentPlans;
  firstLook: string | null;
  firstWall: string | null;
  /** A rule that an address asks the reason of. */ firstAsked?: string | null;
  inAddress?: boolean;
  children: ReactNode;
}): ReactNode {
  const [lookId, setLookId] = useState(() => lookToOpen(kept.file, firstLook).id);
  const [wall, putWall] = useState({ id: firstWall ?? '', chosen: firstWall !== null });
  const [previewed, preview] = useState<Change[] | null>(null);
  const [picked, pick] = useState<string | null>(null);
  const [kelvin, setKelvin] = useState<number>(DAYLIGHT);
  const [view, setView] = useState<View>('plain');
  const [familyId, setFamily] = useState<string | null>(null);
  const [rule, askWhy] = useState(firstAsked);

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

  const warming = useWarmUp(planner !== null);
  const asked = useMemo(() => {
    if (previewed) return previewed.reduce(applyChange, kept.file);
    return warming > 0 ? withFreshLists(kept.file) : kept.file;
  }, [kept.file, previewed, warming]);
  const { planOf, ahead } = useLookPlans(planner, sent);
  const { file, look, plan } = useShown(asked, lookId, { planOf, sent });
  const arranged = useMemo(() => inLook(file, look), [file, look]);
  const isBehind = planner === null && previewed === null && (file !== asked || look.id !== lookId);
  useLayoutEffect(() => (isBehind ? holdHands() : undefined), [isBehind]);
  const rules = useMemo(() => ruleBook(file.rules, file.room.unit), [file.rules, file.room.unit]);

  const isWall = file.room.walls.some((w) => w.id === wall.id);
  const shownWall = isWall || wall.id === 'plan' ? wall.id : first(file.room.walls).id;
  const wallIsChosen = isWall && wall.chosen;
  const { replay, takeFresh, saving, said, labels } = kept;
  const { change, began } = useDressing(kept, lookId, showLook);
  const atRest = useShown(kept.file, lookId, { planOf, sent });
  useEffect(() => ahead(atRest.file, atRest.look.id), [ahead, atRest]);
  const rest = useMemo((): RoomAtRest => {
    return {
      ...atRest,
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
    atRest,
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
    planOf,
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
    asked: rule,
    askWhy,
  };
  return (
    <RestContext value={rest}>
      <RoomContext value={value}>{children}</RoomContext>
    </RestContext>
  );
}

/** A room in one look, with the plan of just that. */
type Shown = Pick<RoomValue, 'file' | 'look' | 'plan'>;

/** The room as it is asked for; while that can't be planned yet, as it came with the page. */
function useShown(
  asked: RoomFile,
  lookId: string,
  { planOf, sent }: { planOf: PlanOf; sent: SentPlans | undefined },
): Shown {
  const askedLook = asked.looks.find((l) => l.id === lookId) ?? first(asked.looks);
  return useMemo(() => {
    const plan = planOf(asked, askedLook.id);
    if (plan) return { file: asked, look: askedLook, plan };
    if (!sent) throw new Error('a room without a planner needs the plans that came with it');
    const came = first(sent.plans);
    return { file: sent.file, look: findOne(sent.file.looks, (l) => l.id === came.lookId), plan: came };
  }, [asked, askedLook, planOf, sent]);
}
