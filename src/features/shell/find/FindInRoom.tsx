'use client';
import { useTranslations } from 'next-intl';
import { usePathname } from 'next/navigation';
import { useMemo, type ReactNode } from 'react';
import { isOpen, STAGE_NAMES, type Finding } from '../../../core/model/finding';
import { RULE_TABLE, type RuleId } from '../../../core/rules/table';
import { download } from '../../../ui/download';
import { useRoom } from '../room/RoomContext';
import { openStage } from '../StageLink';
import { useFindingWords } from '../useWords';
import { FindDialog } from './FindDialog';
import { actFind, type Find } from './find';
import { useStudioActs } from './useStudioActs';
import { roomThings, type RoomThing } from './roomThings';

/** Files of a room that can be fetched at once. */
const DOWNLOADS = [
  { path: 'sheet.pdf', words: 'find.pdf' },
  { path: 'sheet.csv', words: 'find.csv' },
  { path: 'cuts.pdf', words: 'find.cuts' },
  { path: 'file', words: 'find.file' },
] as const;

/** Everything in the room that has a name, with the studio's. */
export function FindInRoom({ onClose }: { onClose: () => void }): ReactNode {
  const { file, look, plan } = useRoom();
  const inRoom = useMemo(() => roomThings(file, look, plan), [file, look, plan]);
  const things = useThingFinds(inRoom);
  const acts = useActFinds();
  const findings = useFindingFinds(inRoom);
  const rules = useRuleFinds();
  const looks = useLookFinds();
  return (
    <FindDialog
      finds={[...things, ...findings, ...looks, ...acts, ...rules]}
      roomId={file.room.id}
      onClose={onClose}
    />
  );
}

/** Goes to a thing: its stage, its wall, and it is picked there. */
function useGoTo(): (thing: Pick<RoomThing, 'stage'> & { id: string | null; wallId: string | null }) => void {
  const { file, look, setWall, pick } = useRoom();
  const here = usePathname().split('/').pop();
  return ({ id, stage, wallId }) => {
    if (wallId !== null) setWall(wallId);
    pick(id);
    const wall = wallId === null ? '' : `&wall=${wallId}`;
    if (here !== stage) openStage(`/rooms/${file.room.id}/${stage}?look=${look.id}${wall}`);
  };
}

function useThingFinds(inRoom: readonly RoomThing[]): Find[] {
  const t = useTranslations();
  const go = useGoTo();
  return inRoom.map((thing) => ({
    key: `here ${thing.id}`,
    group: 'here',
    name: thing.name,
    beside: t(`stages.${thing.stage}`),
    go: { act: () => go(thing) },
  }));
}

/** What is to be checked or gave way. What is fine has nothing to go to. */
const isWorthFinding = (finding: Finding): boolean => isOpen(finding) || finding.level === 'yielded';

function useFindingFinds(inRoom: readonly RoomThing[]): Find[] {
  const t = useTranslations();
  const { file, plan } = useRoom();
  const words = useFindingWords(file, plan);
  const go = useGoTo();
  const places = new Map(inRoom.map((thing) => [thing.id, thing]));
  return plan.findings.filter(isWorthFinding).map((finding, n) => {
    const id = finding.about.find((about) => places.has(about)) ?? null;
    const wallId = (id !== null ? places.get(id)?.wallId : finding.about.find(isWallOf(plan.walls))) ?? null;
    return {
      key: `finding ${n}`,
      group: 'findings',
      name: words(finding),
      beside: t(`stages.${finding.stage}`),
      go: { act: () => go({ id, stage: finding.stage, wallId }) },
    };
  });
}

const isWallOf =
  (walls: readonly { id: string }[]) =>
  (id: string): boolean =>
    walls.some((w) => w.id === id);

function useLookFinds(): Find[] {
  const { file, setLook } = useRoom();
  return [...file.looks]
    .sort((a, b) => a.order - b.order)
    .map(({ id, name }) => ({
      key: `own look ${id}`,
      group: 'looks',
      name,
      beside: file.room.name,
      go: { act: () => setLook(id) },
    }));
}

function useActFinds(): Find[] {
  const t = useTranslations();
  const { file, look, replay } = useRoom();
  const go = useGoTo();
  const studio = useStudioActs();
  const room = `/rooms/${file.room.id}`;
  return [
    ...STAGE_NAMES.map((stage) =>
      actFind(`stage ${stage}`, t('find.goTo', { stage: t(`stages.${stage}`) }), {
        act: () => go({ id: null, stage, wallId: null }),
      }),
    ),
    actFind('tape', t('find.tape'), { act: () => openStage(`${room}/measure/tape?look=${look.id}`) }),
    ...DOWNLOADS.map(({ path, words }) =>
      actFind(path, t(words), { act: () => download(`/api${room}/${path}?look=${look.id}`) }),
    ),
    actFind('undo', t('shell.undo'), { act: () => void replay('undo') }),
    actFind('redo', t('shell.redo'), { act: () => void replay('redo') }),
    ...studio,
  ];
}

/** Every rule by its name; asked in the room one is in. */
function useRuleFinds(): Find[] {
  const t = useTranslations();
  const { askWhy } = useRoom();
  return (Object.keys(RULE_TABLE) as RuleId[]).map((id) => ({
    key: `rule ${id}`,
    group: 'rules',
    name: t(`rules.${id}.name` as 'rules.windows.hem.name'),
    beside: '',
    go: { act: () => askWhy(id) },
  }));
}
