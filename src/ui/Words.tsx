import { elementAt } from '../core/base/list';
import { Fragment, memo, type ReactNode } from 'react';

const FRACTION = /( ?)(\d+\u2044\d+)/g;

/** The font's foot mark is as wide as a figure; it is closed up, or what follows stands apart. */
const footMarks = (text: string): ReactNode[] =>
  text.split('\u2032').flatMap((part, i) =>
    i === 0
      ? [part]
      : [
          <span key={i} className="foot-mark">
            {'\u2032'}
          </span>,
          part,
        ],
  );
const svgFootMarks = (text: string): ReactNode[] =>
  text.split('\u2032').flatMap((part, i) =>
    i === 0
      ? [<tspan key="first">{part}</tspan>]
      : [
          <tspan key={i} className="foot-mark">
            {'\u2032'}
          </tspan>,
          <tspan key={`${i}after`}>{part}</tspan>,
        ],
  );

/** Text in which every composed fraction is set as one. */
export const Words = memo(function Words({ children }: { children: string }): ReactNode {
  const parts: ReactNode[] = [];
  let position = 0;
  for (const found of children.matchAll(FRACTION)) {
    const previous = children[found.index - 1];
    const joins = found[1] === ' ' && previous !== undefined && /\d/.test(previous);
    parts.push(
      children.slice(position, joins ? found.index : found.index + elementAt(found, 1).length),
      <span key={found.index} className={joins ? 'frac' : 'frac-first'}>
        {joins ? `\u00a0${elementAt(found, 2)}` : found[2]}
      </span>,
    );
    position = found.index + found[0].length;
  }
  return (
    <>
      {parts.map((p, i) => (
        <Fragment key={i}>{typeof p === 'string' ? footMarks(p) : p}</Fragment>
      ))}
      {footMarks(children.slice(position))}
    </>
  );
});

/** The same for text inside a drawing, where a span cannot stand. */
export const SvgWords = memo(function SvgWords({ children }: { children: string }): ReactNode {
  const parts: ReactNode[] = [];
  let position = 0;
  for (const found of children.matchAll(FRACTION)) {
    const joins = found[1] === ' ' && /\d/.test(children[found.index - 1] ?? '');
    parts.push(
      <Fragment key={`t${found.index}`}>
        {svgFootMarks(
          children.slice(position, joins ? found.index : found.index + elementAt(found, 1).length),
        )}
      </Fragment>,
      <tspan key={found.index} dx={joins ? 1 : 0} style={{ fontFeatureSettings: "'frac'" }}>
        {found[2]}
      </tspan>,
    );
    position = found.index + found[0].length;
  }
  return (
    <>
      {parts}
      {svgFootMarks(children.slice(position))}
    </>
  );
});
