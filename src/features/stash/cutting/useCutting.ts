'use client';
import { useEffect, useRef, useState } from 'react';
import type { CoverToCut, CutCloth, Cutting } from '../../../core/textiles/clothCuts';
import { startCutter, type Cutter } from '../../../workers/cut/client';
import { useStashRoom } from '../StashContext';

/** How a cloth is cut, worked out beside the page whenever it or what is wanted of it changes; null until the first is there. */
export function useCutting(item: CutCloth): {
  cutting: Cutting | null;
  isRunning: boolean;
  most: (cover: CoverToCut) => Promise<number>;
} {
  const { head, unit } = useStashRoom();
  const cutter = useRef<Cutter | null>(null);
  const [done, setDone] = useState<{ asked: string; cutting: Cutting } | null>(null);
  const { rules } = head;
  const asked = JSON.stringify([item.widthMm, item.heightMm, item.pattern, item.cloth, rules, unit]);
  const latest = useRef({ item, rules, unit });
  useEffect(() => {
    latest.current = { item, rules, unit };
  });
  useEffect(() => {
    let here = true;
    const { item: cloth, ...given } = latest.current;
    // what is still being worked out for an earlier question is given up
    cutter.current?.close();
    cutter.current = startCutter();
    cutter.current
      .plan({ item: clothOnly(cloth), ...given })
      .then((cutting) => {
        if (here) setDone({ asked, cutting });
      })
      .catch(() => undefined);
    return () => {
      here = false;
    };
  }, [asked]);
  useEffect(
    () => () => {
      cutter.current?.close();
      cutter.current = null;
    },
    [],
  );
  const most = async (cover: CoverToCut): Promise<number> => {
    const other = startCutter();
    try {
      const { item: cloth, ...given } = latest.current;
      return await other.most({ item: clothOnly(cloth), ...given }, cover);
    } finally {
      other.close();
    }
  };
  return { cutting: done?.cutting ?? null, isRunning: done?.asked !== asked, most };
}

const clothOnly = ({ widthMm, heightMm, pattern, cloth }: CutCloth): CutCloth => ({
  widthMm,
  heightMm,
  pattern,
  cloth,
});
