import type { z } from 'zod';
import type { MeasureIssue } from '../core/stages/measure/check';

/**
 * What is wrong with an input: where, a code from a closed set, and a plain sentence for readers of the
 * JSON.
 */
export type DoorIssue = { path: (string | number)[]; code: string; message: string };

/** The status of a refusal. */
export const statusOf = ({ code }: DoorIssue): number => (code === 'disk-full' ? 507 : 422);

/** So many are told; who has more mends these first. */
export const MOST_ISSUES = 200;

export const schemaIssues = (error: z.ZodError): DoorIssue[] =>
  error.issues.slice(0, MOST_ISSUES).map((i) => ({
    path: i.path.map((p) => (typeof p === 'symbol' ? String(p) : p)),
    code: i.code === 'unrecognized_keys' ? 'unknown-field' : i.code.replaceAll('_', '-'),
    message: i.message,
  }));

const mm = (value: number): string => `${Math.round(value * 10) / 10} mm`;

export const measureIssues = (issues: readonly MeasureIssue[]): DoorIssue[] =>
  issues.slice(0, MOST_ISSUES).map((i) => ({
    path: i.path,
    code: i.code,
    message: `${i.field} of ${i.about}: ${i.code.replaceAll('-', ' ')}${i.cameMm !== undefined ? `, came ${mm(i.cameMm)}` : ''}${i.expectedMm !== undefined ? `, expected at most about ${mm(i.expectedMm)}` : ''}${i.other ? ` (${i.other})` : ''}`,
  }));
