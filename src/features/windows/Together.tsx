'use client';
import { useTranslations } from 'next-intl';
import { useEffect, useState, type ReactNode } from 'react';
import { shopPanelsAction } from '../../actions/stash';
import { formatLength, formatPlainLength } from '../../core/base/length';
import type { Dressing } from '../../core/model/types';
import { solutionChanges } from '../../core/plan/solveRoom';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import type { GivesUp, ShopPanels, Solution, Solved } from '../../core/stages/windows/solve/solveWindows';
import { Button } from '../../ui/Button';
import { RadioGroup } from '../../ui/RadioGroup';
import { Checkbox } from '../../ui/Checkbox';
import { Collapsible } from '../../ui/Collapsible';
import { Progress } from '../../ui/Progress';
import { Words } from '../../ui/Words';
import { startSolver, type Solver } from '../../workers/solve/client';
import { useRoom } from '../shell/room/RoomContext';
import { untilAnswered } from '../shell/untilAnswered';
import { useStashWhenThere } from '../shell/useStash';
import { useMoney } from '../shell/useMoney';
import { Why } from '../shell/Why';

/**
 * The best ways to dress all windows together or this one alone, each with what it gives up; worked out
 * beside the page.
 */
export function Together({ dressing: d, plan: w }: { dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const { plan } = useRoom();
  const onWall = plan.windows.filter((x) => x.mount === 'wall' && !x.shower);
  const several = onWall.length > 1 && d.mount === 'wall' && !w.shower;
  const [which, setWhich] = useState<'all' | 'one'>('all');
  const [open, setOpen] = useState(false);
  const [leftOut, setLeftOut] = useState<readonly string[]>([]);
  const chosen = onWall.filter((x) => !leftOut.includes(x.dressingId));
  // joined by their ids, so that the same question is not asked again with every drawing
  const all = chosen.length === onWall.length;
  const together = all ? 'all' : chosen.map((x) => x.dressingId).join(' ');
  const alone = !several || which === 'one';
  const asked = alone ? d.id : together;
  const saysTogether = all
    ? t('togetherAll')
    : t('togetherSome', { count: chosen.length, all: onWall.length });
  const summary = alone ? t('togetherOne') : saysTogether;
  return (
    <Collapsible title={t('together')} summary={summary} onToggle={setOpen}>
      {several && (
        <div className="mb-2">
          <RadioGroup
            label={t('together')}
            value={which}
            onChange={setWhich}
            options={[
              { value: 'all', label: t('togetherAll') },
              { value: 'one', label: t('togetherOne') },
            ]}
          />
        </div>
      )}
      {several && which === 'all' && onWall.length > 2 && (
        <fieldset className="mb-2 flex flex-wrap gap-x-4 gap-y-1 text-[14px]">
          <legend className="sr-only">{t('togetherWhich')}</legend>
          {onWall.map((x) => (
            <Checkbox
              key={x.dressingId}
              checked={!leftOut.includes(x.dressingId)}
              onChange={(checked) =>
                setLeftOut(checked ? leftOut.filter((id) => id !== x.dressingId) : [...leftOut, x.dressingId])
              }
            >
              {x.name}
            </Checkbox>
          ))}
        </fieldset>
      )}
      {open &&
        (asked === '' ? (
          <p className="text-[14px] text-soft">{t('togetherNone')}</p>
        ) : (
          <Solutions which={asked} />
        ))}
    </Collapsible>
  );
}

const REST_MS = 150;

/** The search for ways, in a worker: what it found, how far it is, and how to stop it. */
function useSolutions(which: string) {
  const { file, look } = useRoom();
  const panels = useStashWhenThere('panel');
  const [shops, setShops] = useState<ShopPanels[] | null>(null);
  const [found, setFound] = useState<Solved | null>(null);
  const [share, setShare] = useState(0);
  const [stopped, setStopped] = useState(false);
  useEffect(() => {
    let here = true;
    untilAnswered(
      async () => (here ? shopPanelsAction() : []),
      () => undefined,
    )
      .then((s) => {
        if (here) setShops(s);
      })
      .catch(() => {
        if (here) setShops([]);
      });
    return () => {
      here = false;
    };
  }, []);
  useEffect(() => {
    if (shops === null || panels === null || stopped) return undefined;
    let here = true;
    let searching: Solver | null = null;
    // not for each frame of a drag, but when that has come to rest
    const rest = setTimeout(() => {
      searching = startSolver();
      searching
        .solve(file, look.id, which, { owned: panels, shops }, (now) => {
          if (here) setShare(now);
        })
        .then((s) => {
          if (here) setFound(s);
        })
        .catch(() => {
          if (here) setFound({ solutions: [], leftOut: 0 });
        })
        .finally(() => searching?.close());
    }, REST_MS);
    // what was asked before is of no use any more
    return () => {
      here = false;
      clearTimeout(rest);
      searching?.close();
    };
  }, [file, look.id, which, panels, shops, stopped]);
  return {
    panels,
    found,
    share,
    stopped,
    stop: () => setStopped(true),
    again: () => {
      setShare(0);
      setStopped(false);
    },
  };
}

/** How far the search is, with a way out. */
function Searching({ share, onStop }: { share: number; onStop: () => void }): ReactNode {
  const t = useTranslations('windows');
  return (
    <div className="flex items-center gap-3 text-[14px] text-soft">
      <span className="whitespace-nowrap">{t('solving')}</span>
      <Progress label={t('solving')} value={share} max={1} />
      <Button small onClick={onStop}>
        {t('stopSolving')}
      </Button>
    </div>
  );
}

function Solutions({ which }: { which: string }): ReactNode {
  const t = useTranslations('windows');
  const { file, look, plan, change } = useRoom();
  const unit = file.room.unit;
  const { panels, found, share, stopped, stop, again } = useSolutions(which);
  const length = (mm: number) => formatLength(mm, unit);
  const gives = (g: GivesUp): string =>
    t(`gives.${g.want}`, {
      by: amountOf(g, length),
      landing: g.landing ?? 'kiss',
      room: g.room ?? '',
    });
  const product = (s: Solution): string => {
    const kinds = [...new Map(s.shares.map((x) => [`${x.itemId}${x.stockMm}`, x])).values()];
    return kinds
      .map((k) => {
        const count = s.shares
          .filter((x) => x.itemId === k.itemId && x.stockMm === k.stockMm)
          .reduce((n, x) => n + x.panels, 0);
        if (k.name) return t('solutionProduct', { name: k.name, count });
        return k.stockMm === null
          ? t('solutionMade', { count })
          : t('solutionStock', { length: formatPlainLength(k.stockMm, unit), count });
      })
      .join(', ');
  };
  const money = useMoney();
  const hangs = (s: Solution): boolean =>
    s.shares.every((x) => {
      const now = plan.windows.find((w) => w.dressingId === x.dressingId);
      const d = look.dressings.find((y) => y.id === x.dressingId);
      return (
        now &&
        d &&
        d.itemId === x.itemId &&
        now.chosenRoute?.kind === x.kind &&
        Math.abs((now.chosenRoute.stockMm ?? 0) - (x.stockMm ?? 0)) < 1 &&
        Math.abs(now.rodHeightMm - x.rodMm) < 1 &&
        d.landing === x.landing &&
        d.hemAt === x.hemAt
      );
    });
  if (stopped)
    return (
      <p className="flex items-center gap-3 text-[14px]">
        {t('solvingStopped')}
        <Button small onClick={again}>
          {t('solveAgain')}
        </Button>
      </p>
    );
  if (found === null) return <Searching share={share} onStop={stop} />;
  if (found.solutions.length === 0) return <p className="text-[14px]">{t('solveNone')}</p>;
  return (
    <>
      <p className="mb-1 flex justify-end">
        <Why rule="windows.rankBy" />
      </p>
      <ol className="space-y-2.5" aria-label={t('together')}>
        {found.solutions.map((s, i) => (
          <li
            key={i}
            className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5 border-t border-line pt-2 text-[14px] leading-snug"
          >
            <b className="font-semibold">
              <Words>{product(s)}</Words>
            </b>
            <span className="text-right">{money(s.cost)}</span>
            <span className="text-soft">
              <Words>{`${s.oneRodMm === null ? t('solutionRods', { rods: s.shares.map((x) => length(x.rodMm)).join(', ') }) : t('solutionRod', { rod: length(s.oneRodMm) })}, ${[...new Set(s.shares.map((x) => t(`wayKinds.${x.kind}`)))].join(', ')}`}</Words>
            </span>
            <span className="text-right text-[12px] text-soft">{t('work', { minutes: s.workMinutes })}</span>
            <span className="col-span-2 text-soft">
              {s.buy === 0 ? t('solutionOwn') : t('solutionBuy', { buy: s.buy })}
              {s.leadDays !== null ? `, ${t('solutionLead', { days: s.leadDays })}` : ''}
            </span>
            <span className="col-span-2">
              <Words>
                {s.givesUp.length === 0
                  ? t('givesNothing')
                  : t('givesUp', { what: s.givesUp.map(gives).join('; ') })}
              </Words>
            </span>
            <span className="col-span-2 pt-0.5">
              {hangs(s) ? (
                <span className="text-[13px] text-soft">{t('taken')}</span>
              ) : (
                <Button
                  small
                  onClick={() =>
                    change(
                      solutionChanges(
                        file,
                        look,
                        s,
                        (panels ?? []).map(({ elsewhere: _e, ...item }) => item),
                      ),
                    )
                  }
                >
                  {t('take')}
                </Button>
              )}
            </span>
          </li>
        ))}
      </ol>
      {found.leftOut > 0 && (
        <p className="mt-2 text-[13px] text-soft">{t('solutionsLeftOut', { count: found.leftOut })}</p>
      )}
    </>
  );
}

const LENGTHS: ReadonlySet<GivesUp['want']> = new Set(['height', 'oneLine', 'floor']);

/** How much is given up, in what it is measured in. */
function amountOf({ want, by: amount }: GivesUp, length: (mm: number) => string): string | number {
  if (LENGTHS.has(want)) return length(amount);
  if (want === 'glass') return `${Math.round(amount * 100)}%`;
  return want === 'fullness' ? amount.toFixed(1) : amount;
}
