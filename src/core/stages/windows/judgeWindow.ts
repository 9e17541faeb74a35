import type { Finding } from '../../model/finding';
import { judgeAround } from './judge/around';
import { judgeFloor } from './judge/floor';
import { judgeGlass } from './judge/glass';
import { judgeHeight } from './judge/height';
import { judgeHem } from './judge/hem';
import { judgeLengths } from './judge/lengths';
import { judgeLightAndDoors } from './judge/lightAndDoors';
import { judgeMount } from './judge/mount';
import { judgeRod } from './judge/rod';
import type { WindowCase, WindowJudge } from './judge/windowCase';

const JUDGES: readonly WindowJudge[] = [
  judgeHeight,
  judgeMount,
  judgeGlass,
  judgeFloor,
  judgeHem,
  judgeLengths,
  judgeAround,
  judgeRod,
  judgeLightAndDoors,
];

/** What to look out for at a dressed window; each finding with its amounts. */
export const judgeWindow = (window: WindowCase): Finding[] => JUDGES.flatMap((judge) => judge(window));
