'use client';
import dynamic from 'next/dynamic';
import type { ComponentType, ReactNode } from 'react';
import { waking } from '@/ui/Awake';

/** Every page of a room, by what stands after the room's id in its address. */
const SCREENS: Readonly<Record<string, ComponentType>> = {
  measure: dynamic(() => import('@/features/measure/MeasureScreen').then((m) => waking(m.MeasureScreen))),
  'measure/tape': dynamic(() => import('@/features/measure/TapeScreen').then((m) => waking(m.TapeScreen))),
  clear: dynamic(() => import('@/features/clear/ClearScreen').then((m) => waking(m.ClearScreen))),
  windows: dynamic(() => import('@/features/windows/WindowsScreen').then((m) => waking(m.WindowsScreen))),
  walls: dynamic(() => import('@/features/walls/WallsScreen').then((m) => waking(m.WallsScreen))),
  seats: dynamic(() => import('@/features/seats/SeatsScreen').then((m) => waking(m.SeatsScreen))),
  beds: dynamic(() => import('@/features/beds/BedsScreen').then((m) => waking(m.BedsScreen))),
  surfaces: dynamic(() => import('@/features/surfaces/SurfacesScreen').then((m) => waking(m.SurfacesScreen))),
  works: dynamic(() => import('@/features/works/WorksScreen').then((m) => waking(m.WorksScreen))),
  colour: dynamic(() => import('@/features/colour/ColourScreen').then((m) => waking(m.ColourScreen))),
  fitting: dynamic(() => import('@/features/fitting/FittingScreen').then((m) => waking(m.FittingScreen))),
};

/** A stage of the room that is not the one the server sent. */
export function OtherStage({ path, children }: { path: string; children: ReactNode }): ReactNode {
  const Screen = SCREENS[path];
  return Screen ? <Screen /> : children;
}
