import type { Finding, FindingCode, Level } from '../../model/finding';
import type { Dressing, HomeFlags, Look, Opening } from '../../model/types';
import { isGlazed } from '../../room/kinds';

type Context = {
  openings: readonly Opening[];
  dressings: Look['dressings'];
  flags: HomeFlags;
  childsRoom: boolean;
};

/** Which of a window's blind and curtain something holds for. */
function which(blind: boolean, curtain: boolean): 'blind' | 'curtain' | 'both' | undefined {
  if (blind) return curtain ? 'both' : 'blind';
  return curtain ? 'curtain' : undefined;
}

/**
 * Looped cords of blinds and curtains: a small child can be strangled by one. In a child's room none may hang,
 * and it has to be known that none does; where children live or come, it is told.
 */
export const judgeCords = ({ openings, dressings, flags, childsRoom }: Context): Finding[] =>
  childsRoom || flags.childrenAges.length > 0
    ? openings.filter(isGlazed).flatMap((o) => {
        const dressing = dressings.find((d) => d.openingId === o.id);
        return judgeWindow(o, dressing, childsRoom);
      })
    : [];

function judgeWindow(o: Opening, dressing: Dressing | undefined, childsRoom: boolean): Finding[] {
  const found = (code: FindingCode, level: Level, what: string): Finding[] => [
    { code, level, stage: 'windows', about: [o.id], by: { window: o.name, what } },
  ];
  const looped = which(o.blindCord === 'loop', dressing?.cord === 'loop');
  if (looped) return found('looped-cord', childsRoom ? 'stop' : 'caution', looped);
  const onTrack = dressing?.rod.make === 'track';
  const unknown = which(o.blindCord === 'unknown', onTrack && dressing.cord === 'unknown');
  return childsRoom && unknown ? found('cord-unknown', 'caution', unknown) : [];
}
