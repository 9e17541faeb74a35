'use client';
import { findOne } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatPlainLength } from '../../core/base/length';
import { formatMoney } from '../../core/base/money';
import type { LengthUnit } from '../../core/base/units';
import type { RuleBook } from '../../core/rules/book';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { isSameRod, rodBeforeWays, type Route } from '../../core/stages/windows/routes';
import { panelWork } from '../../core/stages/windows/panelWork';
import { Words } from '../../ui/Words';
import { RadioList } from '../../ui/RadioGroup';
import { useRoom } from '../shell/room/RoomContext';
import { PanelTable } from './PanelTable';

/** What the ways of a layer of cloth are told from: the curtain's, or the sheer's. */
export type Layer = Pick<
  WindowPlan,
  'routes' | 'routesLeftOut' | 'chosenRoute' | 'rodHeightMm' | 'finishedLengthMm' | 'panelPlans' | 'making'
>;

/** A way in words. */
function useRouteWords(w: Layer, unit: LengthUnit, rules: RuleBook): (r: Route) => string {
  const t = useTranslations('windows');
  const length = (mm: number) => formatPlainLength(mm, unit);
  const takeUpWords = (r: Route): string => {
    const hem = length(rules.number('windows.hem'));
    const [least, most] = [(r.stockMm ?? 0) - r.finishedMm, (r.stockMm ?? 0) - r.shortestMm];
    return most - least < 0.5
      ? t('takeUp', { by: length(least), hem })
      : t('takeUpEach', { least: length(least), most: length(most), hem });
  };
  return (r) => {
    switch (r.kind) {
      case 'asItIs': {
        const beforeMm = rodBeforeWays(w.routes, w.rodHeightMm);
        const move = r.rodMm - beforeMm;
        // the one that was chosen has moved it
        return isSameRod(r.rodMm, beforeMm) || r === w.chosenRoute
          ? t('asItIsHere')
          : t('asItIs', { move: move > 0 ? 'up' : 'down', by: length(Math.abs(move)) });
      }
      case 'otherLanding': {
        const by = r.landing === 'kiss' ? '' : length(Math.abs(r.landingMm));
        return t('otherLanding', { landing: r.landing, by });
      }
      case 'takeUp':
        return takeUpWords(r);
      case 'longerRings':
        return t('longerRings', { by: length(r.gainMm) });
      case 'pins':
        return t('pins', { by: length(Math.abs(r.gainMm)), move: r.gainMm > 0 ? 'down' : 'up' });
      case 'letDown':
        return t('letDown', { by: length(r.gainMm) });
      case 'made':
        return t('made', {
          widths: r.made!.widths,
          cut: length(r.made!.cutMm),
          total:
            unit === 'cm'
              ? `${(r.made!.totalMm / 1000).toFixed(1)} m`
              : `${(r.made!.totalMm / 914.4).toFixed(1)} yd`,
        });
    }
  };
}

/** One way: the length bought, what is done to it, what it costs and takes. */
export function RouteRow({
  route: r,
  layer,
  name,
}: {
  route: Route;
  layer: Layer;
  /** Instead of the length, where panels of the stash are named. */
  name?: string;
}): ReactNode {
  const t = useTranslations('windows');
  const { file, rules } = useRoom();
  const { unit } = file.room;
  const words = useRouteWords(layer, unit, rules)(r);
  const bought = r.stockMm === null ? t('madeShort') : formatPlainLength(r.stockMm, unit);
  return (
    <span className="grid grid-cols-[58px_1fr_auto] items-baseline gap-x-2">
      <b className="font-semibold">
        <Words>{bought}</Words>
      </b>
      <span className="leading-snug text-soft">
        {name && <span className="block text-ink">{name}</span>}
        <Words>{words}</Words>
      </span>
      <span className="text-right leading-tight">
        {formatMoney(r.cost, rules.school('stash.currency'))}
        <span className="block text-[12px] text-soft">{t('work', { minutes: r.workMinutes })}</span>
      </span>
    </span>
  );
}

/** The ways to get the finished length, ranked, to choose one of. */
export function RouteList({
  plan: w,
  of = 'curtain',
  onChoose,
  children,
}: {
  plan: Layer;
  /** Which cloth they are for. */
  of?: 'curtain' | 'sheer';
  onChoose?: (route: Route) => void;
  children?: ReactNode;
}): ReactNode {
  const t = useTranslations('windows');
  const { file, rules } = useRoom();
  const { unit } = file.room;
  const each = panelWork(w, rules);
  return (
    <section className="mt-4">
      <div className="mb-1 flex items-baseline justify-between gap-2">
        <h3 className="font-sans text-[14px] font-semibold">
          <Words>{t('ways', { of, length: formatPlainLength(w.finishedLengthMm, unit) })}</Words>
        </h3>
        {children}
      </div>
      <RadioList
        label={t('route')}
        value={w.chosenRoute && keyOf(w.chosenRoute)}
        onChange={onChoose && ((key) => onChoose(findOne(w.routes, (r) => keyOf(r) === key)))}
        options={w.routes.map((r) => ({ value: keyOf(r), content: <RouteRow route={r} layer={w} /> }))}
      />
      {each.length > 0 && <PanelTable panels={each} />}
      {w.routesLeftOut > 0 && (
        <p className="mt-1.5 text-[13px] text-soft">{t('waysLeftOut', { count: w.routesLeftOut })}</p>
      )}
      {!w.chosenRoute && onChoose && w.routes.length > 0 && (
        <p className="mt-1.5 text-[13px] text-soft">{t('noRoute')}</p>
      )}
    </section>
  );
}

export const keyOf = (r: Pick<Route, 'kind' | 'stockMm'>): string => `${r.kind}${r.stockMm ?? ''}`;
