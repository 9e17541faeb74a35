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
  'overArm',
  'corner',
  'acrossSeat',
  'acrossFoot',
  'made',
  'overTable',
  'alongTable',
  'acrossTable',
  'atPlaces',
] as const;
/** How a throw is folded along its length before it is laid: not at all, in halves, in thirds. */
export const FOLDS = ['open', 'halves', 'thirds'] as const;
/** The edge of a pillow that its zip is on. */
export const ZIP_SIDES = ['down', 'left', 'right', 'up'] as const;
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
/** What is done to a thing, a wall or the trim so that it looks otherwise. */
export const WORK_ACTS = [
  'paint',
  'stain',
  'sand',
  'wax',
  'polish',
  'clean',
  'paper',
  'film',
  'wrap',
  'cloth',
  'recover',
  'dye',
  'cutDown',
  'sew',
  'glue',
  'apart',
  'pulls',
] as const;
/** What a work is done on: all walls or one of them, the trim, the floor, something built in, furniture, a thing of the stash. */
export const WORKED_ON = ['walls', 'wall', 'trim', 'floor', 'fitting', 'piece', 'item'] as const;
export const WORK_UNDO = ['unknown', 'yes', 'no'] as const;
export const WORK_TRIAL = ['none', 'toDo', 'done'] as const;
export const LAYERS = ['permanent', 'season', 'occasion'] as const;
export const CORDS = ['unknown', 'none', 'loop'] as const;
