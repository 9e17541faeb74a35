'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareLength, formatLength } from '../../core/base/length';
import type { HangingGroup } from '../../core/model/types';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import { Button } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import { Collapsible } from '../../ui/Collapsible';
import { Words } from '../../ui/Words';
import { Findings } from '../shell/Findings';
import { useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { Numeral, SheetTitle } from '../shell/Workspace';
import { FreeGroupFields } from './FreeGroupFields';
import { GroupLayoutFields, GroupPlaceFields } from './GroupLayoutFields';
import { GroupMembers } from './GroupMembers';
import { AboveNumeral, ShareNumeral } from './PlaceNumerals';
import { TemplateLinks } from './TemplateLinks';
import { useWallActs } from './useWallActs';

/**
 * Worksheet of several pieces that hang as one: the whole's height and gaps, its frames in their order, how
 * they are laid out.
 */
export function GroupSheet({ group: g, plan: p }: { group: HangingGroup; plan: GroupPlan }): ReactNode {
  const t = useTranslations('walls');
  const { file, plan } = useRoom();
  const acts = useWallActs();
  const unit = file.room.unit;
  const overName = p.overName ?? undefined;
  const findings = plan.findings.filter((f) => f.stage === 'walls' && f.about.includes(g.id));
  const byRule = () => acts.relay(g, { xMm: null, centreMm: null, aboveMm: null, gapMm: null, kind: g.kind });
  return (
    <>
      <SheetTitle
        detail={`${formatBareLength(p.widthMm, unit)} × ${formatLength(p.heightMm, unit)}, ${t(`kinds.${g.kind}`)}`}
      >
        {g.name}
      </SheetTitle>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Numeral label={t('centre')} rule={p.rulesUsed.height}>
          {formatLength(p.centreMm, unit)}
        </Numeral>
        <Numeral label={t('groupGap')} rule="walls.gap">
          {formatLength(p.gapMm, unit)}
        </Numeral>
        <AboveNumeral overName={overName} aboveMm={p.aboveMm} xMm={p.xMm} rule={p.rulesUsed.height} />
        <ShareNumeral overName={overName} share={p.widthShare} />
      </div>
      {p.schools.part && <SchoolsPart group={g} plan={p} />}
      <GroupMembers group={g} />
      <section className="mt-4 space-y-2.5 border-t-2 border-ink pt-3">
        <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2.5">
          <GroupLayoutFields group={g} plan={p} />
          <GroupPlaceFields group={g} plan={p} />
        </div>
        <Checkbox checked={g.reuseHoles} onChange={(checked) => acts.relay(g, { reuseHoles: checked })}>
          {t('reuse')} <Why rule="walls.holeReach" />
        </Checkbox>
        {g.kind === 'free' && <FreeGroupFields group={g} plan={p} />}
      </section>
      <Findings findings={findings} title={t('checks')} />
      {p.holes.shift && <HoleShiftButton group={g} shift={p.holes.shift} />}
      <div className="mt-4 border-t-2 border-ink">
        <Collapsible title={t('template')}>{() => <TemplateLinks subject={{ groupId: g.id }} />}</Collapsible>
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button small onClick={byRule}>
          {t('byRule')}
        </Button>
        <Button small onClick={() => acts.takeApart(g)}>
          {t('apartGroup')}
        </Button>
      </div>
    </>
  );
}

/** Moves the whole so that a nail falls into a hole of the wall, or a hole is hidden. */
function HoleShiftButton({
  group: g,
  shift,
}: {
  group: HangingGroup;
  shift: NonNullable<GroupPlan['holes']['shift']>;
}): ReactNode {
  const t = useTranslations('walls');
  const { change } = useRoom();
  const acts = useWallActs();
  return (
    <p className="mt-2">
      <Button small onClick={() => change(acts.moveGroup(g, shift.dxMm, shift.dyMm, acts.standOf(g)))}>
        {t('holeShift')}
      </Button>
    </p>
  );
}

/** Where the two schools of a gallery's height part, both to be had by a press. */
function SchoolsPart({ group: g, plan: p }: { group: HangingGroup; plan: GroupPlan }): ReactNode {
  const t = useTranslations('walls');
  const { file, change } = useRoom();
  const acts = useWallActs();
  const length = (mm: number) => formatLength(mm, file.room.unit);
  const { singleMm, quarterMm } = p.schools;
  return (
    <div className="mt-2 text-[14px]">
      <p>
        <Words>{t('schoolsSay', { single: length(singleMm), quarter: length(quarterMm) })}</Words>{' '}
        <Why rule="walls.gallerySchool" />
      </p>
      <p className="mt-1 flex gap-2">
        {[singleMm, quarterMm].map((mm, i) => (
          <Button
            key={i}
            small
            disabled={Math.abs(p.centreMm - mm) < 1}
            onClick={() => change(acts.moveGroup(g, 0, mm - p.centreMm, acts.standOf(g)))}
          >
            <span>
              <Words>{t('useSingle', { by: length(mm) })}</Words>
            </span>
          </Button>
        ))}
      </p>
    </div>
  );
}
