import type { RoomFile } from '../../model/types';
import { checkOpening } from './checkOpening';
import { checkOutline } from './checkOutline';
import { checkReferences } from './checkReferences';
import { checkFitting, checkPiece } from './checkThings';
import { inList, type MeasureIssue } from './issue';

export { checkOpening } from './checkOpening';
export { checkOutline } from './checkOutline';
export { checkFitting, checkPiece } from './checkThings';
export type { MeasureCode, MeasureIssue } from './issue';

/** Everything in a room file that is impossible or odd. Empty when all is well. */
export function checkRoomFile(file: RoomFile): MeasureIssue[] {
  return [
    ...checkOutline(file),
    ...file.openings.flatMap((o, i) => checkOpening(o, file).map((issue) => inList(issue, 'openings', i))),
    ...file.fittings.flatMap((f, i) => checkFitting(f, file).map((issue) => inList(issue, 'fittings', i))),
    ...file.pieces.flatMap((p, i) => checkPiece(p, file).map((issue) => inList(issue, 'pieces', i))),
    ...checkReferences(file),
  ];
}
