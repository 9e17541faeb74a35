import { deltaE00, hueApart, oklchOfLab } from '../colour/spaces';
import type { Item, Pattern, Swatch } from '../model/types';
import type { RuleBook } from '../rules/book';

/** A thing as it answers others: where it is, its colours, its texture and pattern. */
export type Answering = {
  /** The placement, hanging, dressing or piece. */
  id: string;
  name: string;
  /** What it is on or at: things on one seat or bed are one group and do not answer each other with the same cover. */
  hostId: string;
  itemId: string | null;
  colours: readonly Swatch[];
  texture: Item['texture'] | null;
  pattern: Pattern['kind'];
  metal: Item['metal'];
};
/** What two things answer each other by. */
export const TIE_KINDS = ['family', 'texture', 'pattern', 'metal'] as const;
export type TieKind = (typeof TIE_KINDS)[number];
/** Another thing that a textile is tied to, and by what. */
export type Tie = { id: string; name: string; by: TieKind[] };
/** What a textile is tied to, in the order of the room. */
export type Ties = { id: string; name: string; tied: Tie[] };

/** A colour that covers less of a thing is no answer. */
const LEAST_SHARE = 0.15;
/**
 * What textiles are held against: a few others on one bed, of which any colour is an echo; or a whole room, where plain linen
 * and white are nearly everywhere and tell nothing.
 */
export type Among = 'few' | 'room';
/** Textures and patterns that most things have. */
const NO_TEXTURE: Record<Among, ReadonlySet<Item['texture'] | null>> = {
  few: new Set(['smooth', 'hard', null]),
  room: new Set(['smooth', 'linen', 'hard', null]),
};
const NO_PATTERN: ReadonlySet<Pattern['kind']> = new Set(['solid', 'texture']);

/**
 * What each textile shares with something else in the room: a colour of its family, its texture, its pattern, its metal (common
 * practice: each thing is answered by at least one of them). The same cover next to it is no answer, the same cover
 * elsewhere is.
 */
export function tiesOf(
  textiles: readonly Answering[],
  things: readonly Answering[],
  rules: RuleBook,
  among: Among = 'room',
): Ties[] {
  return textiles.map(({ id, name, ...textile }) => ({
    id,
    name,
    tied: things.flatMap((other): Tie[] => {
      if (other.id === id || isItsPair(textile, other)) return [];
      const by = TIE_KINDS.filter((kind) => SHARES[kind](textile, other, { rules, among }));
      return by.length > 0 ? [{ id: other.id, name: other.name, by }] : [];
    }),
  }));
}

type Looks = Omit<Answering, 'id' | 'name'>;
type Judged = { rules: RuleBook; among: Among };
const SHARES: Record<TieKind, (a: Looks, b: Looks, by: Judged) => boolean> = {
  family: (a, b, by) => sharesFamily(a.colours, b.colours, by),
  texture: (a, b, { among }) => !NO_TEXTURE[among].has(a.texture) && a.texture === b.texture,
  pattern: (a, b) => !NO_PATTERN.has(a.pattern) && a.pattern === b.pattern,
  metal: (a, b) => a.metal !== null && a.metal === b.metal,
};

/** What answers a textile by one kind: the names of the things, each once. */
export type TieGroup = { by: TieKind; names: string[] };

/** What answers a textile, by kind. */
export const tieGroups = ({ tied }: Ties): TieGroup[] =>
  TIE_KINDS.flatMap((kind): TieGroup[] => {
    const names = [...new Set(tied.filter(({ by }) => by.includes(kind)).map(({ name }) => name))];
    return names.length > 0 ? [{ by: kind, names }] : [];
  });

/** Textiles of one name that answer the same, as one, in their order. */
export function alikeTies(ties: readonly Ties[]): { first: Ties; ids: string[] }[] {
  const alike = new Map<string, { first: Ties; ids: string[] }>();
  for (const one of ties) {
    const key = JSON.stringify([one.name, tieGroups(one)]);
    const known = alike.get(key);
    if (known) known.ids.push(one.id);
    else alike.set(key, { first: one, ids: [one.id] });
  }
  return [...alike.values()];
}

export const isUnanswered = ({ tied }: Ties): boolean => tied.length === 0;

const isItsPair = (a: Looks, b: Looks): boolean =>
  a.itemId !== null && a.itemId === b.itemId && a.hostId === b.hostId;

function sharesFamily(a: readonly Swatch[], b: readonly Swatch[], { rules, among }: Judged): boolean {
  const large = (swatches: readonly Swatch[]) => swatches.filter((s) => s.share >= LEAST_SHARE);
  const own = among === 'room' ? tellingOf(large(a), rules) : large(a);
  return own.some((p) => large(b).some((q) => isOneFamily(p, q, rules)));
}

/** The colours that a textile is known by: its hues; of one that has none its neutrals. */
function tellingOf(swatches: readonly Swatch[], rules: RuleBook): readonly Swatch[] {
  const hues = swatches.filter((s) => oklchOfLab(s).c >= rules.number('spread.neutralChroma'));
  return hues.length > 0 ? hues : swatches;
}

/** Colours of one hue and about one strength; two without a hue where they can hardly be told apart. */
function isOneFamily(a: Swatch, b: Swatch, rules: RuleBook): boolean {
  const [p, q] = [oklchOfLab(a), oklchOfLab(b)];
  const neutralBelow = rules.number('spread.neutralChroma');
  if (p.c < neutralBelow || q.c < neutralBelow)
    return p.c < neutralBelow && q.c < neutralBelow && deltaE00(a, b) <= rules.number('spread.shadeApart');
  return (
    hueApart(p.hueDeg, q.hueDeg) <= rules.number('spread.familyHue') &&
    Math.abs(p.c - q.c) <= rules.number('spread.familyChroma')
  );
}
