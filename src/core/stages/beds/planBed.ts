import { sum, type Mm } from '../../base/units';
import type { Item, Placement, Season } from '../../model/types';
import { rowCoverage } from '../../room/bedCover';
import { facing } from '../../room/lies';
import {
  dropsOf,
  isMade,
  madeBed,
  madeOrder,
  topperThickness,
  withTopper,
  type BedPiece,
} from '../../room/made';
import { isLumbar } from '../../room/pillow';
import { mattressNamed } from '../../room/mattress';
import type { RuleBook } from '../../rules/book';
import { stretchesOf, thickestOf, type PillowPlan } from '../../textiles/pillows';
import { pillowsOn, throwsOn, type Laid } from '../../textiles/textilesOn';
import type { BedGiven, BedPlan, Tier, TierKind, Warmth } from './bedPlan';
import { judgeBed } from './judgeBed';
import { togRule } from './seasons';

/** Pillows and covers of one bed: tiers, drops, warmth, what comes off at night, with what to look out for. */
export function planBed(measured: BedPiece, given: BedGiven, rules: RuleBook): BedPlan {
  const made = madeOn(measured, given);
  const toppers = made.filter(({ item }) => item.bedding === 'topper');
  const topperMm = sum(toppers.map(({ item }) => topperThickness(item, rules)));
  const piece = withTopper(measured, topperMm);
  const bed = madeBed(piece, rules);
  const pillows = pillowsOn(piece, given, rules);
  const tiers = tiersOf(pillows, bed.widthMm, rules);
  const throws = throwsOn(piece, given, rules);
  const sleptOn = tiers.filter(({ kind }) => kind === 'sham').flatMap((t) => t.pillows).length;
  const plan = {
    pieceId: piece.id,
    name: piece.name,
    isCot: piece.kind === 'cot',
    bed,
    topperMm,
    isThicknessGuessed: piece.bed.thickMm === null,
    size: mattressNamed(bed, rules.unit),
    tiers,
    pillows,
    covers: made.map(({ placement, item }) => ({
      placementId: placement.id,
      item: facing(item, placement.face),
      ...dropsOf(item, bed, rules),
    })),
    throws,
    warmth: warmthOf(
      made.map(({ item }) => item),
      given.look.season,
      rules,
    ),
    toLiftOff: pillows.length - sleptOn + throws.length,
    depthUsedMm: Math.min(bed.lengthMm, thickestOf(stretchesOf(pillows, bed.widthMm))),
  };
  return { ...plan, findings: judgeBed({ stage: 'beds', piece, plan, ...given, ...plan, rules }) };
}

const isOnMattress = ({ id }: BedPiece, { spot }: Placement): boolean =>
  spot.of === id && spot.part === 'mattress';

type PutItem = { placement: Placement; item: Item };

/** Bedding that is spread over a bed, from the mattress up. */
const madeOn = (piece: BedPiece, { placements, items }: Laid): PutItem[] =>
  placements
    .flatMap((placement): PutItem[] => {
      const item = items.get(placement.itemId);
      return isOnMattress(piece, placement) && isMade(placement.lie) && item ? [{ placement, item }] : [];
    })
    .sort((a, b) => madeOrder(a.item) - madeOrder(b.item) || a.placement.row - b.placement.row);

/** The row that a cover is for, by its size, however it lies. */
export function coverTier(
  cover: Pick<PillowPlan['cover'], 'widthMm' | 'heightMm'>,
  rules: RuleBook,
): Exclude<TierKind, 'front'> {
  const short = Math.min(cover.widthMm, cover.heightMm);
  const long = Math.max(cover.widthMm, cover.heightMm);
  const isLong = isLumbar({ widthMm: long, heightMm: short });
  if (!isLong && short >= rules.number('beds.euroFrom')) return 'euro';
  const isSham = short >= rules.number('beds.shamShort') && long >= rules.number('beds.shamLong');
  return isLong && isSham ? 'sham' : 'accent';
}

function tiersOf(pillows: readonly PillowPlan[], bedWidthMm: Mm, rules: RuleBook): Tier[] {
  const rows = [...new Set(pillows.map((p) => p.row))].sort((a, b) => a - b);
  return rows.map((row, i) => {
    const own = pillows.filter((p) => p.row === row);
    const [first] = own;
    const kind = first ? coverTier(first.cover, rules) : 'accent';
    const isFront = kind === 'accent' && own.length === 1 && i > 0 && i === rows.length - 1;
    const coverage = rowCoverage(
      own.map((p) => p.cover.widthMm),
      bedWidthMm,
    );
    return { kind: isFront ? 'front' : kind, row, pillows: own, coverage };
  });
}

/** Bedding that keeps warm; a cover alone does not. */
const WARM: ReadonlySet<Item['bedding']> = new Set(['spread', 'duvet']);
const keepsWarm = ({ bedding, tog }: Item): boolean => WARM.has(bedding) || (tog ?? 0) > 0;

/**
 * How warm a bed is by what is spread over the whole of it: togs of layers add up (thermal resistances in series, BS 5335;
 * from memory).
 */
function warmthOf(made: readonly Item[], season: Season | null, rules: RuleBook): Warmth {
  const warm = made.filter(keepsWarm);
  return {
    tog: sum(warm.map((i) => i.tog ?? 0)),
    unknown: [...new Set(warm.filter((i) => i.tog === null).map((i) => i.name))],
    wanted: season ? rules.number(togRule(season)) : null,
  };
}
