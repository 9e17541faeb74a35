import 'server-only';
import { fail, ok, type Result } from '../../core/base/result';
import type { Paper } from '../../core/plan/templatePages';
import type { DoorIssue } from '../issues';
import { sheetCsv } from '../sheets/csv';
import { clothCutsPdf, type ClothAsk } from '../sheets/clothCuts';
import { cutsPdf } from '../sheets/cuts';
import { pullsPdf } from '../sheets/pulls';
import { sheetPdf } from '../sheets/pdf';
import { publishedPlan } from '../sheets/plan';
import type { SheetAsk } from '../sheets/rows';
import { stripTemplatePdf } from '../sheets/stripTemplate';
import { templatePdf, templateSvg } from '../sheets/template';
import { wallSvg } from '../sheets/wall';
import { labelsPdf, type Label } from '../stash/labels';

type Subject = { hangingId: string } | { groupId: string };
/** What is printed or planned away from the server's own thread, and of what. */
export type PrintJob =
  | (SheetAsk & { kind: 'plan' | 'sheetCsv' })
  | (SheetAsk & { kind: 'sheetPdf' | 'cutsPdf'; paper: Paper })
  | (SheetAsk & { kind: 'templatePdf' | 'stripsPdf'; subject: Subject; paper: Paper })
  | (SheetAsk & { kind: 'pullsPdf'; workId: string; paper: Paper })
  | (SheetAsk & { kind: 'templateSvg'; subject: Subject })
  | (SheetAsk & { kind: 'wallSvg'; wallId: string; scale: number })
  | (ClothAsk & { kind: 'clothPdf'; paper: Paper })
  | { kind: 'labelsPdf'; labels: Label[]; paper: Paper };

export type Printed = { name: string; type: string; body: string | Uint8Array };

const PDF = 'application/pdf';
const SVG = 'image/svg+xml; charset=utf-8';
const CSV = 'text/csv; charset=utf-8';

const NOT_FOUND: Result<Printed, DoorIssue> = fail({
  path: [],
  code: 'not-found',
  message: 'There is no such room or look.',
});

const printed = (
  type: string,
  made: { name: string; bytes?: Uint8Array; svg?: string; text?: string } | undefined,
): Result<Printed, DoorIssue> =>
  made ? ok({ name: made.name, type, body: made.bytes ?? made.svg ?? made.text ?? '' }) : NOT_FOUND;

const tooManyPages = (pages: number): Result<Printed, DoorIssue> =>
  fail({
    path: [],
    code: 'too-many-pages',
    message: `This template would take ${pages} pages. Print it as strips, or take the drawing to a print shop.`,
  });

/** Does one job; what it needs comes with it, so that it runs in a worker. */
export async function runPrintJob(job: PrintJob): Promise<Result<Printed, DoorIssue>> {
  switch (job.kind) {
    case 'plan': {
      const plan = publishedPlan(job);
      return plan
        ? ok({ name: 'plan.json', type: 'application/json', body: JSON.stringify(plan) })
        : NOT_FOUND;
    }
    case 'sheetPdf':
      return printed(PDF, await sheetPdf(job, job.paper));
    case 'cutsPdf':
      return printed(PDF, await cutsPdf(job, job.paper));
    case 'sheetCsv':
      return printed(CSV, sheetCsv(job));
    case 'stripsPdf':
      return printed(PDF, await stripTemplatePdf(job, job.subject, job.paper));
    case 'templatePdf': {
      const made = await templatePdf(job, job.subject, job.paper);
      return made && 'pages' in made ? tooManyPages(made.pages) : printed(PDF, made);
    }
    case 'pullsPdf':
      return printed(PDF, await pullsPdf(job, job.workId, job.paper));
    case 'templateSvg':
      return printed(SVG, templateSvg(job, job.subject));
    case 'wallSvg':
      return printed(SVG, wallSvg(job, job.wallId, job.scale));
    case 'clothPdf':
      return printed(PDF, await clothCutsPdf(job, job.paper));
    case 'labelsPdf':
      return printed(PDF, { name: 'Labels.pdf', bytes: await labelsPdf(job.labels, job.paper) });
  }
}
