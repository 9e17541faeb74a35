'use client';
import { headOfLook } from '../../core/model/nouns';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { Button } from '../../ui/Button';
import { fitScale } from '../../ui/drawing/scale';
import { Mark } from '../../ui/Mark';
import { Words } from '../../ui/Words';
import { buyRule } from '../../core/stash/buying';
import { AboveEdge } from '../shell/drawing/AboveEdge';
import { ShapeView } from '../shell/drawing/ShapeView';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { useFindingWords, useWallName } from '../shell/useWords';
import { Why } from '../shell/Why';
import { ApproveWall } from './ApproveWall';
import { useSheetRows } from './useSheetRows';

const DRAWN = { width: 300, height: 168 };
const money = (cents: number) => (cents / 100).toFixed(2);

/**
 * The fitting sheet: marks wall by wall from one line, in the day's order, what to buy, cautions. Printed as
 * it stands.
 */
export function FittingScreen(): ReactNode {
  const t = useTranslations('fitting');
  const { file, look, plan, change } = useRoom();
  const unit = file.room.unit;
  const rows = useSheetRows(unit);
  const words = useFindingWords(file, plan);
  const wallName = useWallName();
  const { sheet } = plan;
  const length = (mm: number) => formatLength(mm, unit);
  const query = `look=${look.id}`;
  const head = headOfLook(look);
  const first = (wallId: string) => sheet.steps.findIndex((s) => s.wallId === wallId);
  const walls = plan.walls.filter((w) => first(w.id) >= 0).sort((a, b) => first(a.id) - first(b.id));
  const link =
    'inline-flex items-center rounded-md border border-ink bg-sheet px-3 py-1.5 text-[14px] font-medium hover:bg-well';
  return (
    <main id="drawing" className="min-w-0 flex-1 px-3 pb-6 lg:pl-[26px] lg:pr-5 print:p-0">
      <div className="bg-sheet px-4 py-4 sm:px-6 print-plain">
        <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2 border-b-2 border-ink pb-3">
          <h1 className="text-[24px]">{t('title')}</h1>
          <p className="text-[15px]">{t('for', { room: file.room.name, look: look.name })}</p>
          <div className="no-print ml-auto flex flex-wrap gap-2">
            <Button onClick={() => window.print()}>{t('print')}</Button>
            <a className={link} href={`/api/rooms/${file.room.id}/sheet.pdf?${query}&paper=a4`} download>
              {t('pdfA4')}
            </a>
            <a className={link} href={`/api/rooms/${file.room.id}/sheet.pdf?${query}&paper=letter`} download>
              {t('pdfLetter')}
            </a>
            <a className={link} href={`/api/rooms/${file.room.id}/sheet.csv?${query}`} download>
              {t('csv')}
            </a>
          </div>
        </header>
        {sheet.steps.length === 0 ? (
          <p className="py-6">{t('empty')}</p>
        ) : (
          <>
            <p className="my-3 max-w-[72ch]">
              <Words>{t('datum', { line: length(sheet.levelLineMm) })}</Words>{' '}
              <span className="no-print">
                <Why rule="fitting.levelLine" />
              </span>
            </p>
            {walls.map((w) => (
              <section key={w.id} className="keep-together mb-5 border-t border-line pt-3">
                <div className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
                  <h2 className="text-[19px]">{wallName(w)}</h2>
                  <ApproveWall wallId={w.id} name={wallName(w)} />
                </div>
                <div className="grid gap-x-6 gap-y-3 md:grid-cols-[300px_1fr] print:grid-cols-[260px_1fr]">
                  <SheetDrawing wallId={w.id} />
                  <ol className="min-w-0">
                    {sheet.steps
                      .map((s, order) => ({ s, order }))
                      .filter(({ s }) => s.wallId === w.id)
                      .map(({ s, order }) => (
                        <li key={s.kind + s.about} className="mb-2.5">
                          <h3 className="font-sans text-[15px] font-semibold">
                            <span className="mr-2 inline-block min-w-[18px] border border-ink px-1 text-center text-[13px]">
                              {order + 1}
                            </span>
                            {rows.title(s)}{' '}
                            <span className="font-normal text-soft">
                              <Words>{rows.note(s)}</Words>
                            </span>
                          </h3>
                          {s.kind !== 'seat' && s.kind !== 'curtain' && (
                            <table className="mt-1 w-full table-fixed border-collapse text-[14px]">
                              <thead>
                                <tr className="text-left text-[12px] text-soft">
                                  <th className="w-[27%] py-0.5 pr-2 font-normal">{t('mark')}</th>
                                  <th className="py-0.5 pr-2 font-normal">{t('left')}</th>
                                  <th className="py-0.5 pr-2 font-normal">{t('height')}</th>
                                  <th className="py-0.5 font-normal">{t('line')}</th>
                                </tr>
                              </thead>
                              <tbody>
                                {s.marks.map((m, i) => (
                                  <tr key={i} className="border-t border-line align-baseline">
                                    <td className="py-1 pr-2">
                                      {rows.mark(m)}
                                      {m.wallId !== undefined && m.wallId !== s.wallId
                                        ? `, ${wallName(plan.walls.find((w) => w.id === m.wallId)!)}`
                                        : ''}
                                    </td>
                                    <td className="py-1 pr-2 font-semibold">
                                      <Words>{length(m.xMm)}</Words>
                                    </td>
                                    <td className="py-1 pr-2 font-semibold">
                                      <Words>{length(m.heightMm)}</Words>
                                    </td>
                                    <td className="py-1">
                                      <Words>{rows.line(m)}</Words>
                                    </td>
                                  </tr>
                                ))}
                              </tbody>
                            </table>
                          )}
                        </li>
                      ))}
                  </ol>
                </div>
              </section>
            ))}
            <div className="grid gap-8 border-t-2 border-ink pt-3 lg:grid-cols-2 print:block">
              <section className="keep-together mb-4">
                <h2 className="mb-2 text-[19px]">{t('buy')}</h2>
                {sheet.buy.length === 0 ? (
                  <p>{t('nothingToBuy')}</p>
                ) : (
                  <table className="w-full border-collapse text-[14px]">
                    <thead>
                      <tr className="text-left text-[12px] text-soft">
                        <th className="py-0.5 pr-2 font-normal">{t('count')}</th>
                        <th className="py-0.5 pr-2 font-normal">{t('what')}</th>
                        <th className="py-0.5 pr-2 font-normal">{t('size')}</th>
                        <th className="py-0.5 text-right font-normal">{t('cost')}</th>
                        <th className="no-print w-[44px]">
                          <span className="sr-only">{t('why')}</span>
                        </th>
                      </tr>
                    </thead>
                    <tbody>
                      {sheet.buy.map((b, i) => {
                        const rule = buyRule(b);
                        return (
                          <tr key={i} className="border-t border-line align-baseline">
                            <td className="py-1 pr-2 font-semibold">{b.count}</td>
                            <td className="py-1 pr-2">
                              {rows.buy(b)}
                              {b.have > 0 && (
                                <span className="text-soft">
                                  {' '}
                                  ({t('needHave', { need: b.need, have: b.have })})
                                </span>
                              )}
                            </td>
                            <td className="whitespace-nowrap py-1 pr-2">
                              <Words>{rows.size(b)}</Words>
                            </td>
                            <td className="py-1 text-right">
                              {b.cost === null ? (
                                <span className="text-[13px] text-soft">{t('noPrice')}</span>
                              ) : (
                                money(b.cost)
                              )}
                            </td>
                            <td className="no-print py-1 pl-2 text-right">{rule && <Why rule={rule} />}</td>
                          </tr>
                        );
                      })}
                      <tr className="border-t-2 border-ink font-semibold">
                        <td className="py-1" colSpan={3}>
                          {t('total')}
                        </td>
                        <td className="py-1 text-right">{money(sheet.cost)}</td>
                        <td className="no-print" />
                      </tr>
                    </tbody>
                  </table>
                )}
              </section>
              <section className="keep-together">
                <h2 className="mb-2 text-[19px]">{t('cautions')}</h2>
                <ul className="space-y-2 text-[14px]">
                  {sheet.cautions.map((f, i) => (
                    <li key={i} className="flex gap-2.5">
                      <Mark level={f.level} />
                      <span>
                        <Words>{words(f)}</Words>
                        {f.rule && (
                          <span className="no-print">
                            {' '}
                            <Why rule={f.rule} />
                          </span>
                        )}
                      </span>
                    </li>
                  ))}
                </ul>
                <p className="mt-3 border-t border-line pt-2 text-[13px] text-soft">{t('defer')}</p>
              </section>
            </div>
            <div className="no-print mt-4 flex flex-wrap items-center gap-3 border-t border-line pt-3">
              {look.sheetTaken === sheet.fingerprint ? (
                <p>{t('takenSays')}</p>
              ) : (
                <>
                  <Button
                    look="strong"
                    onClick={() =>
                      change([{ do: 'putLook', look: { ...head, sheetTaken: sheet.fingerprint } }])
                    }
                  >
                    {t('taken')}
                  </Button>
                  {look.sheetTaken !== null && (
                    <p className="flex gap-2">
                      <Mark level="caution" />
                      {t('staleSays')}
                    </p>
                  )}
                </>
              )}
            </div>
          </>
        )}
      </div>
    </main>
  );
}

function SheetDrawing({ wallId }: { wallId: string }): ReactNode {
  const { plan, file } = useRoom();
  const paint = usePaint();
  const e = plan.elevations.find((x) => x.wallId === wallId)!;
  const scale = fitScale(e.lengthMm, e.ceilingMm, DRAWN.width, DRAWN.height, {
    left: 4,
    right: 4,
    top: 4,
    bottom: 4,
  });
  const lineY = scale.y(plan.sheet.levelLineMm);
  return (
    <svg
      viewBox={`0 0 ${DRAWN.width} ${DRAWN.height}`}
      className="w-full max-w-[300px] self-start"
      aria-hidden="true"
    >
      {e.shapes.map((s) => (
        <ShapeView key={s.key} shape={s} scale={scale} paint={paint} lampLit={false} />
      ))}
      <AboveEdge elevation={e} scale={scale} fill="#f5f5f5" line={false} />
      <rect
        x={scale.x(0)}
        y={scale.y(e.ceilingMm)}
        width={e.lengthMm * scale.perMm}
        height={e.ceilingMm * scale.perMm}
        fill="none"
        stroke="#141414"
        strokeWidth="0.8"
      />
      {plan.sheet.levelLineMm < file.room.ceilingMm && (
        <line
          x1={scale.x(0)}
          x2={scale.x(e.lengthMm)}
          y1={lineY}
          y2={lineY}
          stroke="#141414"
          strokeDasharray="5 3"
        />
      )}
      {plan.sheet.steps.flatMap((s, order) =>
        s.kind === 'rod' || s.kind === 'picture'
          ? s.marks
              .filter(
                (m) =>
                  (m.wallId ?? s.wallId) === wallId && m.label !== 'frameTop' && m.label !== 'frameCentre',
              )
              .map((m, i) => (
                <g key={`${order}${i}`}>
                  <circle
                    cx={scale.x(m.xMm)}
                    cy={scale.y(m.heightMm)}
                    r="6.5"
                    fill="#f5f5f5"
                    stroke="#141414"
                  />
                  <text
                    x={scale.x(m.xMm)}
                    y={scale.y(m.heightMm) + 3.6}
                    fontSize="9.5"
                    fontWeight="600"
                    textAnchor="middle"
                  >
                    {order + 1}
                  </text>
                </g>
              ))
          : [],
      )}
    </svg>
  );
}
