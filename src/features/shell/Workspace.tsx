'use client';
import { elementAt } from '../../core/base/list';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import type { View } from './paint';
import { useRoom } from './room/RoomContext';
import type { RuleId } from '../../core/rules/table';
import type { StageName } from '../../core/model/finding';
import { waking } from '../../ui/Awake';
import { ScrollArea } from '../../ui/ScrollArea';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { Words } from '../../ui/Words';
import { Why } from './Why';

const Irritations = dynamic(() => import('./Irritations').then((m) => waking(m.Irritations)));
/** The stages in which what bothered is put right. */
const MENDS: ReadonlySet<string> = new Set<StageName>([
  'windows',
  'walls',
  'seats',
  'beds',
  'surfaces',
  'colour',
  'fitting',
]);

/** A stage's two sheets: the drawing with its foot, and the worksheet that says the answer. */
export function Workspace({
  children,
  foot,
  worksheet,
  sheetFirst = false,
}: {
  children: ReactNode;
  foot?: ReactNode;
  worksheet: ReactNode;
  /** On a phone the worksheet is what is worked on: it comes before the drawing. */ sheetFirst?: boolean;
}): ReactNode {
  const stage = usePathname().split('/').pop() ?? '';
  return (
    <div className="flex min-w-0 flex-1 flex-col gap-3.5 px-3 pb-4 lg:flex-row lg:pl-0 lg:pr-5">
      <section
        id="drawing"
        tabIndex={-1}
        className="outline-none flex min-w-0 flex-1 flex-col bg-sheet lg:ml-[26px]"
      >
        <div className="min-w-0 flex-1">{children}</div>
        {foot}
      </section>
      <aside
        id="worksheet"
        tabIndex={-1}
        data-worksheet
        className={`${sheetFirst ? 'max-lg:order-first ' : ''}w-full outline-none shrink-0 bg-sheet lg:w-[372px] lg:max-h-[calc(100dvh-106px)]`}
      >
        <ScrollArea bars={['vertical']} className="px-[18px] py-4 lg:max-h-[calc(100dvh-106px)]">
          {worksheet}
          {MENDS.has(stage) && <Irritations stage={stage as StageName} />}
        </ScrollArea>
      </aside>
    </div>
  );
}

/** Head of the drawing sheet: what it is, how large, and the ways of looking. */
export function SheetHead({
  title,
  detail,
  views = true,
  children,
}: {
  title: string;
  detail: string;
  views?: boolean;
  children?: ReactNode;
}): ReactNode {
  const t = useTranslations('views');
  const { view, setView, familyId } = useRoom();
  const offered: View[] = familyId ? ['plain', 'one', 'squint', 'values'] : ['plain', 'squint', 'values'];
  return (
    <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 px-4 pb-1 pt-3">
      <h1 className="text-[24px]">{title}</h1>
      <p className="text-[14px] text-soft">
        <Words>{detail}</Words>
      </p>
      {children && (
        <div className="no-print ml-auto flex flex-wrap items-baseline gap-x-3.5 gap-y-1 font-narrow text-[14px]">
          {children}
        </div>
      )}
      {views && (
        <ToggleGroup
          label={t('label')}
          value={view}
          options={offered.map((v) => ({ value: v, label: t(v) }))}
          onChange={setView}
          className="no-print ml-auto"
        />
      )}
    </div>
  );
}

/** One large answer of a worksheet, with its why. */
export function Numeral({
  label,
  children,
  rule,
  note,
}: {
  label: string;
  children: string;
  rule?: RuleId | null;
  note?: string;
}): ReactNode {
  const found = /^(.*?) (in|cm)$/.exec(children);
  const [amount, unit] = found ? [elementAt(found, 1), elementAt(found, 2)] : [children, ''];
  return (
    <div className="border-b border-line pb-1.5">
      <p className="flex items-baseline justify-between gap-2 font-narrow text-[13px] text-soft">
        <span>
          <Words>{label}</Words>
        </span>
        {rule && <Why rule={rule} />}
      </p>
      <p className={`${amountSize(amount)} whitespace-nowrap`}>
        <Words>{amount}</Words>
        {unit && <span className="text-[16px]"> {unit}</span>}
      </p>
      {note && (
        <p className="text-[13px] text-soft">
          <Words>{note}</Words>
        </p>
      )}
    </div>
  );
}

export function SheetTitle({ children, detail }: { children: string; detail?: string }): ReactNode {
  return (
    <>
      <h2 className="text-[19px]">{children}</h2>
      {detail && (
        <p className="mt-0.5 text-[14px] leading-snug text-soft">
          <Words>{detail}</Words>
        </p>
      )}
      <hr className="mb-3 mt-3 border-t-2 border-ink" />
    </>
  );
}

/** A long amount is set smaller, so that it stays on its line. */
function amountSize(amount: string): string {
  if (amount.length > 18) return 'text-[18px] leading-[31px]';
  return amount.length > 12 ? 'text-[20px] leading-[31px]' : 'text-[25px] leading-tight';
}
