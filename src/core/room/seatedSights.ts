import { clamp, type Mm } from '../base/units';
import { alongSegment, crossing, distance, edgesOf, insidePolygon, type Point } from '../geometry/plane';
import type { Place3 } from '../geometry/space';
import type { RuleBook } from '../rules/book';
import type { Viewer } from './viewers';

/** Two who sit and look at each other: from eye to eye, and what each sits on. */
export type SeatedSight = { from: Place3; to: Place3; one: string; other: string };

/** Everybody who sits and somebody on another seat, as far apart as people still talk. */
export function seatedSights(viewers: readonly Viewer[], rules: RuleBook): SeatedSight[] {
  const mostMm = rules.number('floor.talk');
  const seated = viewers.filter((viewer) => viewer.isSeated);
  return seated.flatMap((one, i) =>
    seated
      .slice(i + 1)
      .flatMap((other) =>
        one.eyes.flatMap((from) =>
          other.eyes
            .filter((to) => distance(from, to) <= mostMm)
            .map((to) => ({ from, to, one: one.name, other: other.name })),
        ),
      ),
  );
}

/** Whether a line of sight passes over an outline, seen from above. */
export const passesOver = (
  { from, to }: Pick<SeatedSight, 'from' | 'to'>,
  outline: readonly Point[],
): boolean =>
  insidePolygon(from, outline) ||
  insidePolygon(to, outline) ||
  edgesOf(outline).some(([a, b]) => crossing(from, to, a, b) !== undefined);

/** How high a line of sight is over a place. */
export function heightOver({ from, to }: Pick<SeatedSight, 'from' | 'to'>, place: Point): Mm {
  const t = clamp(alongSegment(place, from, to), 0, 1);
  return from.zMm + (to.zMm - from.zMm) * t;
}
