'use client';
import { useSearchParams } from 'next/navigation';
import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { DAYLIGHT } from '../../../core/colour/light';
import { applyChange, type Change } from '../../../core/model/change';
import type { Item, Look, RoomFile } from '../../../core/model/types';
import type { Plan } from '../../../core/plan/planLook';
import { ruleBook, type RuleBook } from '../../../core/rules/book';
import type { View } from '../paint';
import type { OpenRoom } from './openRoom';
import { useLocalRoom } from './useLocalRoom';
import { useLookPlans } from './useLookPlans';
import { useSaving } from './useSaving';

type Kept = ReturnType<typeof useSaving>;

type RoomValue = Kept & {
  /** The room as shown: with what is being dragged carried out. */
  file: RoomFile;
  look: Look;
  plan: Plan;
  rules: RuleBook;
  setLook: (id: string) => void;
  wallId: string;
  setWall: (id: string) => void;
  /** Shows changes while they are being made; null lets go of them. */
  preview: (changes: Change[] | null) => void;
  picked: string | null;
  pick: (id: string | null) => void;
  kelvin: number;
  setKelvin: (k: number) => void;
  view: View;
  setView: (v: View) => void;
  familyId: string | null;
  setFamily: (id: string | null) => void;
  asked: string | null;
  askWhy: (ruleId: string | null) => void;
};

const Context = createContext<RoomValue | null>(null);

/**
 * The room as it is kept, without what is being dragged: for the frame round the drawing, which then stands
 * still.
 */
type RoomAtRest = Pick<
  RoomValue,
  | 'file'
  | 'look'
  | 'plan'
  | 'setLook'
  | 'wallId'
  | 'kelvin'
  | 'setKelvin'
  | 'change'
  | 'replay'
  | 'takeFresh'
  | 'saving'
  | 'said'
  | 'labels'
>;
const RestContext = createContext<RoomAtRest | null>(null);

export function useRoomAtRest(): RoomAtRest {
  const value = useContext(RestContext);
  if (!value) throw new Error('useRoomAtRest outside a room');
  return value;
}

export function useRoom(): RoomValue {
  const value = useContext(Context);
  if (!value) throw new Error('useRoom outside a room');
  return value;
}

/** Holds one open room for all its stages: they come and go, this stays. */
export function RoomProvider({ opened, children }: { opened: OpenRoom; children: ReactNode }): ReactNode {
  const saving = useSaving(opened);
  const search = useSearchParams();
  return (
    <RoomState kept={saving} firstLook={search.get('look')} firstWall={search.get('wall')} inAddress>
      {children}
    </RoomState>
  );
}

/** A room that stands only in this browser until it is kept, for the quick answers. */
export function LocalRoomProvider({
  storageKey,
  begin,
  children,
}: {
  storageKey: string;
  begin: () => RoomFile;
  children: ReactNode;
}): ReactNode {
  const kept = useLocalRoom(storageKey, begin);
  return (
    <RoomState kept={kept} firstLook={null} firstWall={null}>
      {children}
    </RoomState>
  );
}

function RoomState({
  kept,
  firstLook,
  firstWall,
  inAddress = false,
  children,
}: {
  kept: Kept;
  firstLook: string | null;
  firstWall: string | null;
  inAddress?: boolean;
  children: ReactNode;
}): ReactNode {
  const [lookId, setLookId] = useState<string>(
    () => firstLook ?? kept.file.looks.find((l) => l.season !== null)?.id ?? kept.file.looks[0]!.id,
  );
  const [wallId, setWallId] = useState<string>(() => firstWall ?? '');
  const [previewed, preview] = useState<Change[] | null>(null);
  const [picked, pick] = useState<string | null>(null);
  const [kelvin, setKelvin] = useState<number>(DAYLIGHT);
  const [view, setView] = useState<View>('plain');
  const [familyId, setFamily] = useState<string | null>(null);
  const [asked, askWhy] = useState<string | null>(null);

  const remember = useCallback(
    (key: string, value: string) => {
      if (!inAddress) return;
      const url = new URL(window.location.href);
      url.searchParams.set(key, value);
      window.history.replaceState(null, '', url);
    },
    [inAddress],
  );
  const setLook = useCallback(
    (id: string) => {
      setLookId(id);
      pick(null);
      remember('look', id);
    },
    [remember],
  );
  const setWall = useCallback(
    (id: string) => {
      setWallId(id);
      remember('wall', id);
    },
    [remember],
  );

  const warming = useWarmUp();
  const file = useMemo(() => {
    if (previewed) return previewed.reduce(applyChange, kept.file);
    return warming > 0 ? { ...kept.file } : kept.file;
  }, [kept.file, previewed, warming]);
  const look = file.looks.find((l) => l.id === lookId) ?? file.looks[0]!;
  const { planOf, ahead } = useLookPlans();
  const plan = useMemo(() => planOf(file, look.id), [planOf, file, look.id]);
  useEffect(() => ahead(kept.file), [ahead, kept.file]);
  const rules = useMemo(() => ruleBook(file.rules, file.room.unit), [file.rules, file.room.unit]);

  const shownWall =
    file.room.walls.some((w) => w.id === wallId) || wallId === 'plan' ? wallId : file.room.walls[0]!.id;
  const { change, replay, takeFresh, saving, said, labels } = kept;
  const rest = useMemo((): RoomAtRest => {
    const keptLook = kept.file.looks.find((l) => l.id === lookId) ?? kept.file.looks[0]!;
    return {
      file: kept.file,
      look: keptLook,
      plan: planOf(kept.file, keptLook.id),
      setLook,
      wallId: shownWall,
      kelvin,
      setKelvin,
      change,
      replay,
      takeFresh,
      saving,
      said,
      labels,
    };
  }, [
    kept.file,
    lookId,
    planOf,
    setLook,
    shownWall,
    kelvin,
    change,
    replay,
    takeFresh,
    saving,
    said,
    labels,
  ]);
  const value = {
    ...kept,
    file,
    look,
    plan,
    rules,
    setLook,
    wallId: shownWall,
    setWall,
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
      <Context value={value}>{children}</Context>
    </RestContext>
  );
}

const WARM_UPS = 12;

/**
 * Counts a few renderings while nothing else is to be done, so that the first drag finds the drawing's code
 * already warm.
 */
function useWarmUp(): number {
  const [count, setCount] = useState(0);
  useEffect(() => {
    if (count === WARM_UPS || typeof window.requestIdleCallback !== 'function') return;
    const waiting = window.requestIdleCallback(() => setCount(count + 1));
    return () => window.cancelIdleCallback(waiting);
  }, [count]);
  return count % WARM_UPS;
}

export const itemOf = (file: RoomFile, id: string | null | undefined): Item | undefined =>
  file.items.find((i) => i.id === id);
