import { HAIR_MM } from '../../../base/tolerance';
import { sum, type Mm } from '../../../base/units';
import { labHueDeg } from '../../../colour/spaces';
import type { Item } from '../../../model/types';
import { rowCoverage, spreadFall } from '../../../room/bedCover';
import { throwPath } from '../../../room/throws';
import type { RuleBook } from '../../../rules/book';
import { rowShares } from '../schools';
import { coverTier } from '../planBed';
import { togRule } from '../seasons';
import {
  WAY_SLOTS,
  type BedWay,
  type FreeItem,
  type MadeUp,
  type PutOnBed,
  type WayAsk,
  type WaySlot,
} from './ask';
import { suits, tasteOf, type Chosen, type Part } from './taste';

/** Coverage that a back row of a few pillows aims at; on a bed for one it is one pillow. */
const USUAL_COVERAGE = { two: 1.1, one: 0.7 };
/** Smaller pillows are lost on a bed. */
const LEAST_ACCENT: Mm = 300;

/**
 * A bed made up in one of three ways from what is owned: the cover first, then the rows of pillows from the head, each lower
 * than the one behind it, then a layer across the foot, as far as the studio's school of loose pieces goes.
 */
export function makeUp(way: BedWay, ask: WayAsk, rules: RuleBook): MadeUp {
  const bed = new Bed(way, ask, rules);
  for (const slot of WAY_SLOTS) bed.fill(slot);
  return bed.made();
}

class Bed {
  private readonly put: PutOnBed[] = [];
  private readonly lacks: WaySlot[] = [];
  private row = 0;
  private lowerThanMm = Infinity;
  constructor(
    private readonly way: BedWay,
    private readonly ask: WayAsk,
    private readonly rules: RuleBook,
  ) {}

  made(): MadeUp {
    return { way: this.way, put: this.put, lacks: this.lacks };
  }

  fill(slot: WaySlot): void {
    if (slot === 'cover') return this.spread();
    if (slot === 'foot') return this.layer();
    this.rowOf(slot);
  }

  /** The cover of the whole bed; one that takes a duvet is spread over the duvet that suits the season. */
  private spread(): void {
    const { bed } = this.ask;
    const fit = { tuckMm: this.rules.number('beds.tuck'), beyondMm: this.rules.number('beds.dropBeyond') };
    const fits = ({ widthMm, heightMm }: Item) => {
      const fall = spreadFall({ widthMm, lengthMm: heightMm }, bed, fit);
      return fall.side === 'good' && fall.foot === 'good';
    };
    const cover = this.best(
      'ground',
      (i) => i.kind === 'bedding' && (i.bedding === 'spread' || i.bedding === 'duvetCover') && fits(i),
    );
    if (!cover) return void this.lacks.push('cover');
    const duvet = cover.bedding === 'duvetCover' ? this.duvetFor(cover) : undefined;
    if (duvet) this.lay(duvet, 'cover', 'made', 0);
    this.lay(cover, 'cover', 'made', 1);
  }

  /**
   * The duvet of a cover's size whose warmth is nearest to what the season asks for; the warmest for a heavy bed. One whose
   * warmth nobody knows comes last.
   */
  private duvetFor(cover: Item): FreeItem | undefined {
    const { season } = this.ask;
    const wanted = this.way === 'heavy' || !season ? Infinity : this.rules.number(togRule(season));
    const off = (i: Item) =>
      Math.max(Math.abs(i.widthMm - cover.widthMm), Math.abs(i.heightMm - cover.heightMm));
    const apart = ({ tog }: Item) => (wanted === Infinity ? -(tog ?? 0) : Math.abs((tog ?? 0) - wanted));
    const isUnknown = ({ tog }: Item) => Number(tog === null);
    return this.free((i) => i.bedding === 'duvet' && off(i) <= this.rules.number('beds.duvetFits')).sort(
      (a, b) => isUnknown(a) - isUnknown(b) || apart(a) - apart(b) || byId(a, b),
    )[0];
  }

  private rowOf(slot: 'back' | 'shams' | 'accents' | 'front'): void {
    if (slot !== 'shams' && slot !== 'back' && this.loose() >= this.ask.mostLoose - 1) return;
    const { widthMm } = this.ask.bed;
    const isLower = (i: Item) => i.heightMm <= this.lowerThanMm;
    const part: Part = slot === 'accents' || slot === 'front' ? 'accent' : 'ground';
    const item = this.best(part, (i) => i.kind === 'cover' && isLower(i) && this.countFor(slot, i) > 0);
    if (!item) return void this.lacks.push(slot);
    const count = this.countFor(slot, item);
    for (let n = 0; n < count; n++)
      this.put.push({
        item,
        slot,
        lie: 'propped',
        row: this.row,
        xMm: this.placeOf(slot, n, count, widthMm),
      });
    this.row++;
    this.lowerThanMm = item.heightMm - this.rules.number('seats.stepDown');
  }

  private placeOf(slot: WaySlot, n: number, count: number, widthMm: Mm): Mm {
    const isSpread = slot === 'back' || slot === 'shams';
    return isSpread ? (widthMm * (n + 0.5)) / count : (widthMm * (n + 1)) / (count + 1);
  }

  /** How many of a cover a row takes; 0 where it does not do there, or too few are free. */
  private countFor(slot: 'back' | 'shams' | 'accents' | 'front', item: FreeItem): number {
    const tier = coverTier(item, this.rules);
    const isForTwo = this.isForTwo();
    const wanted = () => {
      if (slot === 'back') return tier === 'euro' ? this.backCount(item) : 0;
      if (slot === 'shams') return tier === 'sham' && !item.round ? 1 + Number(isForTwo) : 0;
      const isAccent = tier === 'accent' && item.heightMm >= LEAST_ACCENT;
      if (slot === 'front') return isAccent ? 1 : 0;
      return isAccent ? 1 + Number(isForTwo && this.loose() + 3 <= this.ask.mostLoose) : 0;
    };
    const count = wanted();
    return item.free - this.used(item) >= count ? count : 0;
  }

  private isForTwo = (): boolean => this.ask.bed.widthMm >= this.rules.number('beds.forTwoFrom');

  /** As many squares as cover the bed; a heavy bed has the most, others about its width. */
  private backCount(item: FreeItem): number {
    const { leastShare: least, mostShare: most } = rowShares(this.ask.bed.widthMm, this.rules);
    const usual = USUAL_COVERAGE[this.isForTwo() ? 'two' : 'one'];
    const aim = this.way === 'heavy' ? most : usual;
    const coverage = (n: number) =>
      rowCoverage(
        Array.from({ length: n }, () => item.widthMm),
        this.ask.bed.widthMm,
      );
    const counts = [1, 2, 3, 4, 5, 6].filter(
      (n) => coverage(n) >= least && coverage(n) <= most && n <= item.free && n < this.ask.mostLoose,
    );
    return counts.sort((a, b) => Math.abs(coverage(a) - aim) - Math.abs(coverage(b) - aim))[0] ?? 0;
  }

  /** A throw, or a cover folded in thirds, across the foot, that ends above the floor. */
  private layer(): void {
    if (this.loose() >= this.ask.mostLoose) return;
    const { bed } = this.ask;
    const host = {
      seatTopMm: bed.topMm,
      seatWidthMm: bed.widthMm,
      seatDepthMm: bed.lengthMm,
      backTopMm: bed.topMm,
      backDepthMm: 0,
      armTopMm: bed.topMm,
      armWidthMm: 0,
      depthMm: bed.lengthMm,
    };
    const put = { lie: 'acrossFoot', fold: 'thirds', hangsMm: null } as const;
    const layer = this.best('accent', (i) => {
      if (i.kind !== 'throw' && i.bedding !== 'spread') return false;
      const { ends, lengthMm } = throwPath(i, put, host, this.rules);
      const [first, last] = ends;
      return lengthMm >= bed.widthMm - HAIR_MM && first.dragsMm === 0 && last.dragsMm === 0;
    });
    if (layer) this.lay(layer, 'foot', 'acrossFoot', 0);
    else this.lacks.push('foot');
  }

  private lay(item: FreeItem, slot: WaySlot, lie: PutOnBed['lie'], row: number): void {
    this.put.push({ item, slot, lie, row, xMm: this.ask.bed.widthMm / 2 });
  }

  private used = (item: Item): number => this.put.filter((p) => p.item.id === item.id).length;

  /** Pieces that come off at night, so far. */
  private loose = (): number => sum(this.put.map(({ slot }) => Number(slot !== 'cover' && slot !== 'shams')));

  private free = (does: (item: FreeItem) => boolean): FreeItem[] =>
    this.ask.stash.filter((i) => i.free > this.used(i) && !this.ask.excluded.has(i.id) && does(i));

  private best(part: Part, does: (item: FreeItem) => boolean): FreeItem | undefined {
    const chosen = this.chosen();
    const free = this.free(does);
    const suiting = free.filter((item) => suits(this.way, item, part, this.rules));
    // a bed goes without an accent that is none, but not without a cover
    const offered = suiting.length > 0 || part === 'accent' ? suiting : free;
    const scored = offered.map((item) => ({
      item,
      taste: tasteOf(this.way, item, part, { chosen, rules: this.rules }),
    }));
    return scored.sort((a, b) => b.taste - a.taste || byId(a.item, b.item))[0]?.item;
  }

  private chosen(): Chosen {
    const accent = this.put.find(({ slot }) => slot === 'accents' || slot === 'front')?.item.colours[0];
    return {
      accentHueDeg: accent ? labHueDeg(accent) : null,
      textures: new Set(this.put.map(({ item }) => item.texture)),
      season: this.ask.season,
    };
  }
}

const byId = (a: Item, b: Item): number => (a.id < b.id ? -1 : 1);
