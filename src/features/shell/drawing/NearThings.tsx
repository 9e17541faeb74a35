import type { MouseEvent, ReactNode, SVGProps } from 'react';
import type { Shape } from '../../../core/room/shape';
import type { Scale } from '../../../ui/drawing/scale';

/** What a thing can be pressed within at least, in units of the drawing. */
const REACH = 36;

type ThingProps = SVGProps<SVGGElement>;
type Pressed = { shape: Shape; props: ThingProps };

/** The handlers of a thing without its name, its focus and its keys. */
const handlersOf = (props: ThingProps): SVGProps<SVGRectElement> =>
  Object.fromEntries(
    Object.entries(props).filter(([name]) => /^on(Pointer|Touch|Click|LostPointer)/.test(name)),
  );

/** The thing itself takes the focus, so that its keys go on from here. */
function focusOn(e: MouseEvent<SVGRectElement>, key: string): void {
  e.preventDefault();
  e.currentTarget.ownerSVGElement?.querySelector<SVGGElement>(`[data-thing="${CSS.escape(key)}"]`)?.focus();
}

/**
 * Room to press round what is drawn thin, low or hollow: a taper, a tray. It lies under everything that can be picked,
 * so a press on what is drawn always goes there.
 */
export const NearThings = ({ things, scale }: { things: readonly Pressed[]; scale: Scale }): ReactNode =>
  things.map(({ shape: { key, box }, props }) => {
    const [w, h] = [box.widthMm * scale.perMm, box.heightMm * scale.perMm];
    if (Math.min(w, h) >= REACH) return null;
    const [wide, high] = [Math.max(w, REACH), Math.max(h, REACH)];
    return (
      <rect
        key={key}
        {...handlersOf(props)}
        role="presentation"
        x={(w - wide) / 2}
        y={(h - high) / 2}
        transform={`translate(${scale.x(box.xMm)} ${scale.y(box.yMm + box.heightMm)})`}
        width={wide}
        height={high}
        fill="transparent"
        style={{ cursor: 'grab', touchAction: 'none' }}
        onMouseDown={(e) => focusOn(e, key)}
      />
    );
  });
