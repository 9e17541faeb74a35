'use client';
import dynamic from 'next/dynamic';
import { waking } from '../../ui/Awake';

/** Every wall, small, under the drawing; it comes after the drawing itself. */
export const WallStrip = dynamic(() => import('./WallPictures').then((m) => waking(m.WallPictures)));
