/**
 * What is done before the page is awake is not lost. A page drawn by the server can be pressed and typed into before its
 * script has taken hold of it; this remembers what was done, in order, and does it again when the part it was done to is awake.
 *
 * It goes into the page as text (see `earlyScript`), so it may use nothing from outside itself. What still sleeps stands
 * within an element marked `data-asleep`; `Awake` takes the mark away.
 */
function early(): void {
  type Done = { to: HTMLElement | SVGElement; do: 'press' | 'type' | 'choose' | 'tick' | 'enter' | 'send'; text: string; on: boolean };
  const done: Done[] = [];
  const awake = (e: Element) => !e.closest('[data-asleep]');
  const PATIENCE_MS = 60_000;
  let waiting = 0;
  let since = 0;

  const again = (d: Done) => {
    // a part of a drawing has no press of its own
    if (d.do === 'press') d.to.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
    else if (d.do === 'send') (d.to as unknown as HTMLFormElement).requestSubmit();
    else if (d.do === 'enter') d.to.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
    else if (d.do === 'tick') {
      const box = d.to as Element as HTMLInputElement;
      box.checked = !d.on;
      box.click();
    } else if (d.do === 'choose') {
      if (d.to instanceof HTMLSelectElement) d.to.value = d.text;
      d.to.dispatchEvent(new Event('change', { bubbles: true }));
    } else {
      const field = d.to as Element as HTMLInputElement | HTMLTextAreaElement;
      const proto = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement.prototype : HTMLInputElement.prototype;
      // once by the way React watches and once past it, so that it sees a change
      field.value = '';
      Object.getOwnPropertyDescriptor(proto, 'value')!.set!.call(field, d.text);
      field.dispatchEvent(new Event('input', { bubbles: true }));
    }
  };
  const look = () => {
    while (done.length > 0 && (!done[0]!.to.isConnected || awake(done[0]!.to))) {
      const first = done.shift()!;
      // what became of an earlier one is drawn before the next is done
      if (first.to.isConnected) { again(first); break; }
    }
    waiting = done.length > 0 && Date.now() - since < PATIENCE_MS ? window.setTimeout(look, 16) : 0;
  };
  const keep = (d: Done) => {
    const last = done[done.length - 1];
    if (last && last.to === d.to && last.do === 'type' && d.do === 'type') last.text = d.text;
    else done.push(d);
    since = Date.now();
    if (!waiting) waiting = window.setTimeout(look, 16);
  };
  const part = (e: Event, what: string) => (e.target instanceof Element ? e.target.closest<HTMLElement | SVGElement>(what) : null);

  // heard once the page's own script has had its turn, which may wake a part just for this; it stops what it cannot use yet
  const hear = (type: string, take: (e: Event) => void) => window.addEventListener(type, () => document.addEventListener(type, take, { capture: true, once: true }), true);
  hear('click', (e) => {
    const box = e.target;
    if (box instanceof HTMLInputElement && (box.type === 'checkbox' || box.type === 'radio')) { if (!awake(box)) keep({ to: box, do: 'tick', text: '', on: box.checked }); return; }
    const to = part(e, 'button,[role=button],[role=tab],[role=option]');
    if (to && !awake(to)) keep({ to, do: 'press', text: '', on: false });
  });
  hear('input', (e) => {
    const field = e.target;
    if ((field instanceof HTMLInputElement && !['checkbox', 'radio', 'file'].includes(field.type)) || field instanceof HTMLTextAreaElement) { if (!awake(field)) keep({ to: field, do: 'type', text: field.value, on: false }); }
  });
  hear('change', (e) => {
    const to = e.target;
    if ((to instanceof HTMLSelectElement || (to instanceof HTMLInputElement && to.type === 'file')) && !awake(to)) keep({ to, do: 'choose', text: to.value, on: false });
  });
  hear('keydown', (e) => {
    const to = e.target;
    if ((e as KeyboardEvent).key === 'Enter' && to instanceof HTMLInputElement && !awake(to)) keep({ to, do: 'enter', text: '', on: false });
  });
  // a form sent before it is awake would load the page anew
  hear('submit', (e) => {
    const form = e.target;
    if (form instanceof HTMLFormElement && !awake(form)) { e.preventDefault(); keep({ to: form, do: 'send', text: '', on: false }); }
  });
}

/** The text of the script, for the top of the page. */
export const earlyScript = (): string => `(${early.toString()})()`;
