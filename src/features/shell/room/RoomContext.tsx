'use client';
import { createContext, useContext } from 'react';
import type { Change } from '../../../core/model/change';
import type { Item, Look, RoomFile } from '../../../core/model/types';
import type { Plan } from '../../../core/plan/planLook';
import type { RuleBook } from '../../../core/rules/book';
import type { View } from '../paint';
import type { PlanOf } from './knownPlans';
import type { useSaving } from './useSaving';

export type Kept = ReturnType<typeof useSaving>;

/** A look that was begun because a record was to be dressed. */
export type Began = { record: string; id: string };

export type RoomValue = Kept & {
  /** The room as shown: with what is being dragged applied. */
  file: RoomFile;
  /** The same with its furniture as the look arranges it. */
  arranged: RoomFile;
  look: Look;
  plan: Plan;
  /** The plan of the room in another look, or of the room as it would be; null until it can be worked out. */
  planOf: PlanOf;
  rules: RuleBook;
  setLook: (id: string) => void;
  wallId: string;
  /** Whether the stylist chose it; else a stage may open on another. */
  wallIsChosen: boolean;
  setWall: (id: string) => void;
  /** Shows a wall without choosing it. */
  openWall: (id: string) => void;
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

export const RoomContext = createContext<RoomValue | null>(null);

/**
 * The room as it is kept, without what is being dragged: for the frame round the drawing, which then stands
 * still.
 */
export type RoomAtRest = Pick<
  RoomValue,
  | 'file'
  | 'look'
  | 'plan'
  | 'setLook'
  | 'wallId'
  | 'wallIsChosen'
  | 'kelvin'
  | 'setKelvin'
  | 'askWhy'
  | 'change'
  | 'replay'
  | 'takeFresh'
  | 'saving'
  | 'said'
  | 'labels'
> & { /** The copy of a record that was begun last. */ began: Began | null };
export const RestContext = createContext<RoomAtRest | null>(null);

export function useRoomAtRest(): RoomAtRest {
  const value = useContext(RestContext);
  if (!value) throw new Error('useRoomAtRest outside a room');
  return value;
}

export function useRoom(): RoomValue {
  const value = useContext(RoomContext);
  if (!value) throw new Error('useRoom outside a room');
  return value;
}

export const itemOf = (file: RoomFile, id: string | null | undefined): Item | undefined =>
  file.items.find((i) => i.id === id);
