/** What a field of a look may be, in the order in which screens offer it; the schema takes its lists from here. */
export const GROUP_KINDS = ['row', 'column', 'grid', 'stair', 'hinged', 'pair', 'free'] as const;
export const HEADINGS = ['ringClip', 'pinchPleat', 'grommet', 'rodPocket', 'backTab', 'wave'] as const;
export const DRAWS = ['pair', 'left', 'right'] as const;
/** How a thing lies where it is put; which of them a kind knows is said by `room/lies`. */
export const LIES = [
  'standing',
  'flat',
  'side',
  'leaning',
  'overturned',
  'propped',
  'proppedSide',
  'overBack',
  'folded',
  'hanging',
] as const;
/** What a look is for. */
export const PURPOSES = [
  'everyday',
  'guests',
  'company',
  'holiday',
  'homecoming',
  'sale',
  'photographs',
] as const;
/** How much is put on a surface before one stops. */
export const FILLINGS = ['full', 'usual', 'spare'] as const;
/** Whether the day's work goes by what is done, or finishes one part of the room before the next. */
export const WORK_ORDERS = ['class', 'zone'] as const;
export const LAYERS = ['permanent', 'season', 'occasion'] as const;
export const CORDS = ['unknown', 'none', 'loop'] as const;
