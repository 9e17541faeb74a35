/**
 * What is done before the page is awake is not lost. A page drawn by the server can be pressed and typed into
 * before its script has taken hold of it; this remembers what was done, in order, and does it again when the
 * part it was done to is awake.
 *
 * It goes into the page as text (see `earlyScript`), so it may use nothing from outside itself. What still
 * sleeps stands within an element marked `data-asleep`; `Awake` takes the mark away.
 */
function early(): void {
  type Done = {
    to: HTMLElement | SVGElement;
    do: 'press' | 'type' | 'choose' | 'key' | 'send';
    text: string;
    on: boolean;
  };
  const done: Done[] = [];
  const awake = (e: Element) => !e.closest('[data-asleep]');
  const PATIENCE_MS = 60_000;
  let waiting = 0;
  let since = 0;
  let repeating = false;

  const again = (d: Done) => {
    // a part of a drawing has no press of its own; a tab turns as the button goes down
    if (d.do === 'press') {
      const press = { bubbles: true, cancelable: true, button: 0 };
      if (d.to.getAttribute('role') === 'tab') d.to.dispatchEvent(new MouseEvent('mousedown', press));
      d.to.dispatchEvent(new MouseEvent('click', press));
    } else if (d.do === 'send') (d.to as unknown as HTMLFormElement).requestSubmit();
    else if (d.do === 'key') {
      const unheard = d.to.dispatchEvent(
        new KeyboardEvent('keydown', { key: d.text, shiftKey: d.on, bubbles: true, cancelable: true }),
      );
      if (unheard && d.text === 'Enter' && d.to instanceof HTMLInputElement) d.to.form?.requestSubmit();
    } else if (d.do === 'choose') d.to.dispatchEvent(new Event('change', { bubbles: true }));
    else {
      const field = d.to as Element as HTMLInputElement | HTMLTextAreaElement;
      const proto =
        field instanceof HTMLTextAreaElement ? HTMLTextAreaElement.prototype : HTMLInputElement.prototype;
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
      if (first.to.isConnected) {
        repeating = true;
        again(first);
        repeating = false;
        break;
      }
    }
    if (Date.now() - since > PATIENCE_MS) done.length = 0;
    waiting = done.length > 0 ? window.setTimeout(look, 16) : 0;
  };
  const part = (e: Event, what: string) =>
    e.target instanceof Element ? e.target.closest<HTMLElement | SVGElement>(what) : null;

  /** What was done, as far as it is done again. */
  const made = (e: Event): Done | null => {
    const to = e.target;
    switch (e.type) {
      case 'click': {
        const pressed = part(e, 'button,[role=button],[role=option]');
        return pressed && { to: pressed, do: 'press', text: '', on: false };
      }
      case 'input':
        return (to instanceof HTMLInputElement && to.type !== 'file') || to instanceof HTMLTextAreaElement
          ? { to, do: 'type', text: to.value, on: false }
          : null;
      case 'change':
        return to instanceof HTMLInputElement && to.type === 'file'
          ? { to, do: 'choose', text: to.value, on: false }
          : null;
      case 'submit':
        return to instanceof HTMLFormElement ? { to, do: 'send', text: '', on: false } : null;
      default: {
        const { key, shiftKey, ctrlKey, altKey, metaKey } = e as KeyboardEvent;
        if (ctrlKey || altKey || metaKey || !(to instanceof HTMLElement || to instanceof SVGElement))
          return null;
        // what the browser does with a key by itself comes as a press or as typing
        const ofField = ['Enter', 'Escape', 'ArrowUp', 'ArrowDown'];
        const ofDrawing = [
          'Enter',
          ' ',
          'Delete',
          'Backspace',
          'ArrowUp',
          'ArrowDown',
          'ArrowLeft',
          'ArrowRight',
        ];
        const drawn =
          to instanceof SVGElement || ['listbox', 'slider'].includes(to.getAttribute('role') ?? '');
        const elsewhere = drawn ? ofDrawing : [];
        const keys = to instanceof HTMLInputElement ? ofField : elsewhere;
        return keys.includes(key) ? { to, do: 'key', text: key, on: shiftKey } : null;
      }
    }
  };
  const keep = (d: Done) => {
    const last = done[done.length - 1];
    if (last && last.to === d.to && last.do === 'type' && d.do === 'type') last.text = d.text;
    else done.push(d);
    since = Date.now();
    if (!waiting) waiting = window.setTimeout(look, 16);
  };
  for (const type of ['click', 'input', 'change', 'keydown', 'submit']) {
    window.addEventListener(
      type,
      (e) => {
        const d = repeating ? null : made(e);
        if (!d) return;
        const hold = () => {
          keep(d);
          // what the browser does by itself (it sends a form, and reloads the page) comes with doing it again
          e.preventDefault();
        };
        // while something waits its turn, what comes after it waits too, or it would be done first
        if (done.length > 0 && (awake(done[0]!.to) || !awake(d.to))) {
          e.stopImmediatePropagation();
          hold();
          return;
        }
        // heard once the page's own script has had its turn, which may wake a part just for this; it stops
        // what it cannot use yet
        document.addEventListener(
          type,
          () => {
            if (!awake(d.to)) hold();
          },
          { capture: true, once: true },
        );
      },
      true,
    );
  }
}

/** The text of the script, for the top of the page. */
export const earlyScript = (): string => `(${early.toString()})()`;
