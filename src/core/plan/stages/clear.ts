import { planClear } from '../../stages/clear/planClear';
import { part } from '../parts';
import { stage } from '../stage';
import type { StageState } from '../stageOutcome';

const clear = part('clear', { file: ['clear'], parts: ['items', 'now'] }, ({ file, items, now }) =>
  planClear(file.clear, items, now),
);

export const clearStage = stage({
  name: 'clear',
  parts: [clear],
  reads: { file: ['clear'], parts: ['clear'] },
  findings: (input) => input.clear.findings,
  state: ({ file }): StageState => {
    const { found, irritations, tasks } = file.clear;
    const done = found.filter((f) => f.verdict !== null).length + tasks.filter((t) => t.done).length;
    const total = found.length + tasks.length;
    const begun = done < total ? 'half' : 'done';
    return {
      state: total + irritations.length === 0 ? 'empty' : begun,
      done,
      of: total,
      open: total - done,
      needs: 'nothing',
    };
  },
});
