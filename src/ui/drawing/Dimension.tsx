'use client';
import { useState, type ReactNode } from 'react';
import { formatBareLength, parseLength, typedLength } from '../../core/base/length';
import type { LengthUnit, Mm } from '../../core/base/units';
import { useLengthIssue, type Answer } from '../Field';
import { SvgWords } from '../Words';

type Props = {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
  valueMm: Mm;
  unit: LengthUnit;
  name: string;
  /** When given, the number can be typed over. */
  onCommit?: ((mm: Mm) => Answer) | undefined;
  /** Where the number stands along the line, 0 to 1. */
  labelShare?: number;
  text?: string;
};

/** How wide and high the place is that a thumb hits a number by, where the drawing is small. */
const THUMB = 47;

/**
 * How much larger numbers are drawn on a phone, for a drawing so wide in its own units: as large as on a desk.
 */
export const numbersOnPhone = (width: number): React.CSSProperties =>
  ({ '--numbers': Math.max(1, width / PHONE) }) as React.CSSProperties;
/** How wide a drawing is on a phone. */
const PHONE = 375;

/** A dimension line with its number; the number is a button when it can be typed over. */
export function Dimension({
  x1,
  y1,
  x2,
  y2,
  valueMm,
  unit,
  name,
  onCommit,
  labelShare = 0.5,
  text,
}: Props): ReactNode {
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const issueWords = useLengthIssue(unit);
  const label = text ?? formatBareLength(valueMm, unit);
  const upright = Math.abs(x2 - x1) < Math.abs(y2 - y1);
  const cx = x1 + (x2 - x1) * labelShare;
  const cy = y1 + (y2 - y1) * labelShare;
  // a composed fraction takes about as much room as one and a half figures
  const width = Math.max(22, label.replace(/ ?\d+\u2044\d+/g, 'ab').length * 6.6 + 9);
  const settle = () => {
    if (typed === null) return;
    if (typed === typedLength(valueMm, unit)) {
      setTyped(null);
      return;
    }
    const read = parseLength(typed, unit);
    const answer: Answer = !read.ok
      ? { took: false, message: issueWords(read.issues[0]) }
      : onCommit!(read.value);
    if (answer.took) {
      setTyped(null);
      setProblem('');
    } else setProblem(answer.message);
  };
  const short = Math.hypot(x2 - x1, y2 - y1) < 1;
  return (
    <g>
      {!short && (
        <g stroke="#141414" strokeWidth="1" fill="none" aria-hidden="true" pointerEvents="none">
          <line x1={x1} y1={y1} x2={x2} y2={y2} />
          {upright ? (
            <>
              <line x1={x1 - 4} x2={x1 + 4} y1={y1} y2={y1} />
              <line x1={x2 - 4} x2={x2 + 4} y1={y2} y2={y2} />
            </>
          ) : (
            <>
              <line x1={x1} x2={x1} y1={y1 - 4} y2={y1 + 4} />
              <line x1={x2} x2={x2} y1={y2 - 4} y2={y2 + 4} />
            </>
          )}
        </g>
      )}
      {typed === null ? (
        <g
          className="origin-center [transform-box:fill-box] max-sm:scale-(--numbers)"
          {...(onCommit
            ? {
                role: 'button',
                tabIndex: 0,
                'aria-label': `${name} ${label}`,
                onClick: (e: React.MouseEvent) => {
                  e.stopPropagation();
                  setTyped(typedLength(valueMm, unit));
                },
                onPointerDown: (e: React.PointerEvent) => e.stopPropagation(),
                onKeyDown: (e: React.KeyboardEvent) => {
                  if (e.key === 'Enter' || e.key === ' ') {
                    e.preventDefault();
                    e.stopPropagation();
                    setTyped(typedLength(valueMm, unit));
                  }
                },
                style: { cursor: 'text' },
              }
            : { 'aria-hidden': true, pointerEvents: 'none' as const })}
        >
          {onCommit && (
            // for a thumb
            <rect
              className="lg:hidden"
              x={cx - THUMB / 2}
              y={cy - THUMB / 2}
              width={THUMB}
              height={THUMB}
              fill="transparent"
            />
          )}
          <rect
            x={cx - width / 2}
            y={cy - 8.5}
            width={width}
            height={17}
            fill="#f5f5f5"
            fillOpacity="0.96"
            stroke={onCommit ? '#8c8c8c' : 'none'}
            strokeWidth="0.6"
            rx="2"
          />
          <text x={cx} y={cy + 4.2} textAnchor="middle" fontSize="12.5" fontWeight="600" fill="#141414">
            <SvgWords>{label}</SvgWords>
          </text>
        </g>
      ) : (
        <foreignObject
          x={Math.max(2, cx - 52)}
          y={cy - 14}
          width="230"
          height={problem ? 120 : 30}
          onPointerDown={(e) => e.stopPropagation()}
        >
          <input
            autoFocus
            aria-label={name}
            value={typed}
            onFocus={(e) => e.target.select()}
            onChange={(e) => {
              setTyped(e.target.value);
              setProblem('');
            }}
            onBlur={settle}
            onKeyDown={(e) => {
              e.stopPropagation();
              if (e.key === 'Enter') settle();
              if (e.key === 'Escape') {
                setTyped(null);
                setProblem('');
              }
            }}
            className="w-[104px] rounded-md border-2 border-ink bg-white px-1 text-[14px] font-semibold outline-none"
          />
          {problem && (
            <p
              role="alert"
              className="mt-0.5 w-[226px] rounded-md border border-ink bg-white px-1.5 py-1 text-[12px] leading-snug"
            >
              {problem}
            </p>
          )}
        </foreignObject>
      )}
    </g>
  );
}
