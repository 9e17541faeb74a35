import 'server-only';
import { createTranslator } from 'next-intl';
import { formatLength } from '../../core/base/length';
import { formatMoney } from '../../core/base/money';
import { ruleBook } from '../../core/rules/book';
import type { LengthUnit } from '../../core/base/units';
import type { ColourName } from '../../core/colour/name';
import type { Finding } from '../../core/model/finding';
import type { RoomFile } from '../../core/model/types';
import type { Plan } from '../../core/plan/planLook';
import type { Wall } from '../../core/room/walls';
import words from '../../messages/en.json';
import { findingArguments, sayFinding } from '../../messages/findingWords';

/** One translator for everything that is printed: it takes each sentence apart once. */
export const t = createTranslator({ locale: 'en', messages: words });

/** The sheet's words outside the browser: the same table, the same sentences. */
export function sheetWords(file: RoomFile, plan: Plan) {
  const colour = (n: ColourName): string => {
    if (n.kind === 'white') return t('colourName.white', n);
    return n.kind === 'neutral' ? t('colourName.neutral', n) : t('colourName.hue', n);
  };
  const unit: LengthUnit = file.room.unit;
  const currency = ruleBook(file.rules, unit).school('stash.currency');
  const wall = (w: Wall): string =>
    w.ownName ||
    (w.number
      ? t('wall.numbered', { side: t(`sides.${w.side}`), number: w.number })
      : t('wall.name', { side: t(`sides.${w.side}`) }));
  const wallOf = (id: string): string => {
    const found = plan.walls.find((w) => w.id === id);
    return found ? wall(found) : '';
  };
  return {
    t,
    length: (mm: number) => formatLength(mm, unit),
    currency,
    money: (amount: number) => formatMoney(amount, currency),
    wall,
    wallOf,
    finding: (f: Finding): string => {
      const family = (id: string) => {
        const found = plan.spread.families.find((x) => x.id === id);
        return found ? (found.ownName ?? colour(found.colourName)) : '';
      };
      return sayFinding(
        t,
        f.code,
        findingArguments(f, unit, {
          family,
          shell: (thing) => t(`shellThings.${thing}`),
          part: (of) => t('placing.partOf', of),
          wall: wallOf,
        }),
      );
    },
  };
}
