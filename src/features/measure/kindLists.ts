import type { Fitting, Opening, Piece } from '../../core/model/types';
import { FITTING_KINDS, PIECE_KINDS } from '../../core/model/values/room';

/** Kinds that can be added, in the order of the buttons. */
export const OPENINGS: readonly Opening['kind'][] = ['window', 'frenchDoor', 'door', 'arch'];
/** Set-backs and projections of a wall. */
export const BUMPS = ['bay', 'alcove', 'breast'] as const;
export const FITTINGS: readonly Fitting['kind'][] = FITTING_KINDS;
/** Kinds that are offered; 'table' and 'lamp' are what older rooms call them. */
export const PIECES: readonly Piece['kind'][] = PIECE_KINDS.filter(
  (kind) => kind !== 'table' && kind !== 'lamp',
);
