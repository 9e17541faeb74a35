'use client';
import { useTranslations } from 'next-intl';
import { useCallback } from 'react';
import { formatLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { ColourName } from '../../core/colour/name';
import type { Finding } from '../../core/model/finding';
import type { RoomFile } from '../../core/model/types';
import type { Wall } from '../../core/room/walls';
import type { Plan } from '../../core/plan/planLook';
import { asSentence, findingArguments, sayFinding } from '../../messages/findingWords';
import type { MeasureIssue } from '../../core/stages/measure/check';

export function useColourName(): (name: ColourName) => string {
  const t = useTranslations('colourName');
  return useCallback(
    (name) => {
      return asSentence(t(name.kind, name));
    },
    [t],
  );
}

/** A family's name: the stylist's own, else lightness, strength and hue. */
export function useFamilyName(): (
  family: { ownName: string | null; colourName: ColourName } | undefined,
) => string {
  const name = useColourName();
  return useCallback((family) => (family ? (family.ownName ?? name(family.colourName)) : ''), [name]);
}

export function useWallName(): (wall: Pick<Wall, 'ownName' | 'side' | 'number'>) => string {
  const t = useTranslations();
  return useCallback(
    (wall) =>
      wall.ownName ||
      (wall.number
        ? t('wall.numbered', { side: t(`sides.${wall.side}`), number: wall.number })
        : t('wall.name', { side: t(`sides.${wall.side}`) })),
    [t],
  );
}

/** The name of the wall with an id. */
export function useWallNameOf(walls: readonly Wall[]): (id: string) => string {
  const wallName = useWallName();
  return useCallback(
    (id) => {
      const wall = walls.find((w) => w.id === id);
      return wall ? wallName(wall) : '';
    },
    [walls, wallName],
  );
}

/**
 * A finding's reason and, where something can be done, its advice; the same on drawing, worksheet and sheet.
 */
export function useFindingWords(file: RoomFile, plan: Plan): (finding: Finding) => string {
  const t = useTranslations();
  const familyName = useFamilyName();
  const wallNameOf = useWallNameOf(plan.walls);
  return useCallback(
    (finding) => {
      const facts = findingArguments(finding, file.room.unit, {
        family: (id) => familyName(plan.spread.families.find((f) => f.id === id)),
        shell: (thing) => t(`shellThings.${thing}`),
        part: (of) => t('placing.partOf', of),
        wall: wallNameOf,
      });
      return sayFinding(t, finding.code, facts);
    },
    [t, familyName, wallNameOf, file.room.unit, plan.spread.families],
  );
}

/** What the sentences of measuring are about: the checks of a room, and what a form judges by itself. */
export type WordedCode = MeasureIssue['code'] | 'not-positive';
type Worded = Pick<MeasureIssue, 'cameMm' | 'expectedMm' | 'other'> & { code: WordedCode };

/** Lengths that could be, where the limit itself is no good example. */
const EXAMPLES: Partial<Record<WordedCode, (limitMm: number) => number>> = {
  'wider-than-wall': (limitMm) => limitMm * 0.5,
  'sill-above-head': (limitMm) => Math.max(0, limitMm - 1000),
};

/** The sentence of a reading that cannot be or is odd, with an example of one that could. */
export function useMeasureWords(unit: LengthUnit): (issue: Worded) => string {
  const t = useTranslations('measureIssues');
  return useCallback(
    (issue) => {
      const length = (mm: number | undefined) => (mm === undefined ? '' : formatLength(mm, unit));
      const example = EXAMPLES[issue.code]?.(issue.expectedMm ?? 0) ?? issue.expectedMm;
      return t(issue.code, {
        came: length(issue.cameMm === undefined ? undefined : Math.abs(issue.cameMm)),
        expected: length(issue.expectedMm),
        example: length(example),
        other: issue.other ?? '',
      });
    },
    [t, unit],
  );
}
