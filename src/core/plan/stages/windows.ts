import { isGlazed } from '../../room/kinds';
import { planEcho } from '../../room/echo';
import { windowGuesses } from '../guesses';
import { part } from '../parts';
import { progress, settled, stage } from '../stage';
import { dressedOf } from '../windows/dressed';
import { judgeCords } from '../windows/judgeCords';
import { judgeRods, judgeSashes, judgeSets } from '../windows/judgeWindows';
import { hungCloth, planWindows } from '../windows/planWindows';
import { planRodLine } from '../windows/rodLine';
import { windowBuying } from '../windows/windowBuying';
import { windowSteps } from '../windows/windowSteps';

const dressed = part(
  'dressed',
  { file: ['openings', 'fittings'], look: ['dressings'], parts: ['walls', 'rules'] },
  dressedOf,
);

const rodLine = part(
  'rodLine',
  {
    file: ['room', 'openings', 'fittings', 'pieces', 'home'],
    look: ['rodLineMm'],
    parts: ['dressed', 'walls', 'places', 'rules'],
  },
  planRodLine,
);

const windows = part(
  'windows',
  {
    file: ['room', 'openings', 'fittings', 'pieces', 'home'],
    look: ['dressings'],
    parts: ['dressed', 'rodLine', 'items', 'walls', 'places', 'rules'],
  },
  planWindows,
);

const echo = part(
  'echo',
  {
    file: ['room', 'openings', 'pieces'],
    look: ['dressings'],
    parts: ['windows', 'walls', 'rules'],
  },
  ({ file, look, windows: plans, walls, rules }) =>
    planEcho(file, { now: hungCloth(plans, look, false), drawn: hungCloth(plans, look, true) }, rules, walls),
);

export const windowsStage = stage({
  name: 'windows',
  parts: [dressed, rodLine, windows, echo],
  reads: {
    file: ['openings', 'home'],
    room: ['id', 'readings', 'childsRoom'],
    look: ['dressings'],
    parts: ['windows', 'items', 'rules'],
  },
  findings: ({ file, look, windows: plans, items, rules }) => [
    ...plans.flatMap((w) => w.findings),
    ...judgeSets(plans, look, items, file.room.id),
    ...judgeRods(plans, rules),
    ...windowGuesses(plans, file.room.readings),
    ...judgeSashes(plans, file.openings),
    ...judgeCords({
      openings: file.openings,
      dressings: look.dressings,
      flags: file.home.flags,
      childsRoom: file.room.childsRoom,
    }),
  ],
  steps: ({ windows: plans, rules }) => windowSteps(plans, rules),
  bought: ({ windows: plans, ...context }) => windowBuying(plans, context),
  state: ({ file, windows: plans }, open) => {
    const glazed = file.openings.filter(isGlazed);
    const done = glazed.filter((o) => plans.some((w) => w.openingIds.includes(o.id))).length;
    return {
      state: settled(progress(done, glazed.length), open),
      done,
      of: glazed.length,
      open,
      needs: glazed.length === 0 ? 'a-window' : 'nothing',
    };
  },
});
