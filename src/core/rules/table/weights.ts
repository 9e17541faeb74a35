import { plain, type RuleRow } from '../row';

/** What cloth weighs that was never weighed, g/m², by what it is or feels like; from memory. */
export const WEIGHT_RULES = {
  'weights.curtain': plain('DEF', 'gsm', 200),
  'weights.voile': plain('DEF', 'gsm', 60),
  'weights.smooth': plain('DEF', 'gsm', 160),
  'weights.linen': plain('DEF', 'gsm', 190),
  'weights.velvet': plain('DEF', 'gsm', 350),
  'weights.knit': plain('DEF', 'gsm', 320),
  'weights.fur': plain('DEF', 'gsm', 700),
  'weights.boucle': plain('DEF', 'gsm', 420),
  'weights.tweed': plain('DEF', 'gsm', 380),
  'weights.embroidered': plain('DEF', 'gsm', 240),
  'weights.woven': plain('DEF', 'gsm', 230),
  'weights.hard': plain('DEF', 'gsm', 250),
  'weights.rug': plain('DEF', 'gsm', 2200),
  // what hangs on a wall and was never weighed: its front and board in g/m², its frame in g a metre
  'weights.pictureGlass': plain('DEF', 'gsm', 5000),
  'weights.mirrorGlass': plain('DEF', 'gsm', 10_000),
  'weights.board': plain('DEF', 'gsm', 2500),
  'weights.wallPanel': plain('DEF', 'gsm', 4000),
  'weights.hungThing': plain('DEF', 'gsm', 8000),
  'weights.frame': plain('DEF', 'gram', 600),
  'weights.stem': plain('DEF', 'gram', 60),
} as const satisfies Record<string, RuleRow>;
