import type { RuleId } from '../rules/table';

/**
 * ok: fine. yielded: two rules conflict and one gives way. caution: check it. stop: not possible as it is.
 */
export type Level = 'ok' | 'yielded' | 'caution' | 'stop';
/** The stages of the rail, in the order of work, by the groups that the rail shows. */
export const STAGE_GROUPS = {
  room: ['measure', 'clear'],
  dress: ['windows', 'walls', 'seats'],
  back: ['colour'],
  do: ['fitting'],
} as const;
export type StageGroup = keyof typeof STAGE_GROUPS;
export type StageName = (typeof STAGE_GROUPS)[StageGroup][number];
export const STAGE_NAMES: readonly StageName[] = Object.values(STAGE_GROUPS).flat();

/** Every kind of finding; the message table has one sentence per code. */
export type FindingCode =
  // floor
  | 'walkway-narrow'
  | 'no-way-to'
  | 'walkways-good'
  | 'seat-out-of-talk'
  | 'seats-talk'
  | 'seat-without-surface'
  | 'seat-without-light'
  | 'sofa-table-near'
  | 'sofa-table-far'
  | 'sofa-table-good'
  | 'rug-tuck-good'
  | 'rug-tuck-off'
  | 'layer-border-good'
  | 'layer-border-off'
  | 'layer-border-uneven'
  | 'rug-by-toilet'
  | 'rug-on-wheels'
  | 'door-over-rug'
  | 'door-over-rug-unmeasured'
  | 'swing-blocked'
  | 'vent-covered'
  | 'piece-by-heater'
  | 'bed-passage-good'
  | 'bed-passage-narrow'
  | 'pieces-overlap'
  // readings, and cautions of a room's facts
  | 'rests-on-guess'
  | 'readings-differ'
  | 'bed-by-window'
  | 'glazed-over-cot'
  | 'can-tip'
  | 'poisonous-plant'
  | 'wool-in-wool-free'
  | 'scent-in-scent-free'
  | 'small-part-in-reach'
  | 'candle-near-cloth'
  | 'candle-in-reach'
  | 'sash-meets-curtain'
  | 'colour-unseen'
  | 'colour-uncorrected'
  // clear
  | 'verdicts-open'
  | 'task-waits'
  | 'bleach-alone'
  | 'keep-dry'
  // windows
  | 'floor-not-measured'
  | 'floor-level'
  | 'hems-differ'
  | 'kiss-over-uneven-floor'
  | 'clear-over-uneven-floor'
  | 'floor-hidden-by-landing'
  | 'rod-held-under-ceiling'
  | 'rod-follows'
  | 'rods-meet'
  | 'rod-off-the-line'
  | 'rod-below-the-rule'
  | 'rod-below-frame'
  | 'rod-above-ceiling'
  | 'bracket-held-by-neighbour'
  | 'bracket-past-the-wall'
  | 'bracket-widened-for-stack'
  | 'glass-clear'
  | 'glass-covered'
  | 'fullness-good'
  | 'fullness-low'
  | 'fullness-more'
  | 'nothing-in-stock-lands'
  | 'length-not-positive'
  | 'set-short'
  | 'curtain-by-heater'
  | 'curtain-on-radiator'
  | 'pool-on-wheels'
  | 'owned-panel-short'
  | 'panels-borrowed'
  | 'reveal-too-shallow'
  | 'inside-rod-meets-sash'
  | 'shower-too-narrow'
  | 'shower-hem'
  | 'one-length-shows-floor'
  | 'pool-on-sill'
  | 'hem-in-doorway'
  | 'pool-by-way'
  | 'pleats-cloth-off'
  | 'curtain-over-vent'
  | 'heading-needs-track'
  | 'heading-not-on-track'
  | 'tension-needs-two-sides'
  | 'tension-too-long'
  | 'tension-too-heavy'
  | 'rod-sags'
  | 'centre-brackets'
  | 'bracket-by-lintel-edge'
  | 'bracket-cable-zone'
  | 'rented-tension'
  | 'seen-by-lamp'
  | 'never-hidden'
  | 'hidden'
  | 'hazy-hidden'
  | 'hazy-shows'
  | 'leaf-meets-rod'
  | 'leaf-meets-stack'
  | 'leaf-screws'
  | 'leaf-covered'
  // walls
  | 'centre-and-gap-agree'
  | 'centre-yielded'
  | 'gap-yielded'
  | 'centre-as-wished'
  | 'width-share-good'
  | 'width-share-off'
  | 'picture-past-wall'
  | 'picture-over-opening'
  | 'pictures-overlap'
  | 'ceiling-yielded'
  | 'picture-below-floor'
  | 'picture-over-ceiling'
  | 'clear-above-short'
  | 'picture-over-fitting'
  | 'picture-by-curtain'
  | 'picture-into-furniture'
  | 'leaning-fix'
  | 'panels-acclimatise'
  | 'no-hook-holds'
  | 'hole-used'
  | 'hole-could-be-used'
  | 'hole-could-be-hidden'
  | 'group-gaps-even'
  | 'group-gaps-uneven'
  | 'group-gap-off'
  | 'group-schools-part'
  | 'group-count'
  | 'pair-sizes-differ'
  | 'group-past-zone'
  | 'tv-too-high'
  | 'before-screen'
  | 'tv-height-good'
  | 'shelf-over-tank'
  | 'shelf-over-tank-off'
  | 'shelf-step-off'
  | 'glare'
  | 'mirror-shows'
  | 'mirror-does'
  | 'mirror-idle'
  | 'print-pixels-short'
  | 'print-pixels-good'
  | 'print-too-large'
  | 'print-matte'
  | 'neighbour-centres-differ'
  | 'flanks-uneven'
  | 'two-points'
  | 'cable-zone'
  | 'hook-above-frame'
  | 'wire-too-short'
  | 'hooks-too-wide'
  | 'old-walls'
  // seats
  | 'insert-none-fits'
  | 'inserts-to-buy'
  | 'cover-bought-short'
  | 'seat-room-good'
  | 'seat-room-short'
  | 'steps-good'
  | 'step-too-small'
  | 'front-larger-than-back'
  | 'back-too-tall'
  | 'too-many-bold'
  | 'ends-differ'
  | 'ends-match'
  | 'feather-in-feather-free'
  | 'white-on-a-seat'
  | 'pillow-off-the-seat'
  | 'unwashable-with-children'
  | 'item-in-two-places'
  // colour
  | 'near-miss'
  | 'accent-alone'
  | 'accent-answered-once'
  | 'accent-gap'
  | 'accent-pull'
  | 'accent-one-height'
  | 'accent-even'
  | 'too-many-accents'
  | 'no-dark'
  | 'shares-off-plan'
  | 'no-hard-answer'
  // cautions of the fitting
  | 'ladder'
  | 'two-people-rod'
  | 'detector-before-drilling'
  | 'rating-of-fixings'
  | 'rented-no-drill';

/** Lengths are mm, named …Mm; the wording table formats them in the room's unit and puts the “and” into lists. */
export type FindingFacts = Record<string, string | number | readonly string[]>;

export type Finding = {
  code: FindingCode;
  level: Level;
  stage: StageName;
  /** Ids of the things it is about. */
  about: readonly string[];
  rule?: RuleId;
  /** The amounts that make the sentence. */
  by: FindingFacts;
};

/** Findings that ask for something to be done. */
export const isOpen = (finding: Pick<Finding, 'level'>): boolean =>
  finding.level === 'caution' || finding.level === 'stop';
