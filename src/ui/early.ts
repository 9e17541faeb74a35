type Act = {
  target: HTMLElement | SVGElement;
  do: 'press' | 'type' | 'choose' | 'key' | 'send';
  text: string;
  shift: boolean;
};

/** Does an act again, the way a hand would. Like `early`, it goes into the page as text. */
function repeater(): (act: Act) => void {
  const type = (field: HTMLInputElement | HTMLTextAreaElement, text: string) => {
    const proto =
      field instanceof HTMLTextAreaElement ? HTMLTextAreaElement.prototype : HTMLInputElement.prototype;
    // once by the way React watches and once past it, so that it sees a change
    field.value = '';
    Object.getOwnPropertyDescriptor(proto, 'value')!.set!.call(field, text);
    field.dispatchEvent(new Event('input', { bubbles: true }));
  };
  const again: Record<Act['do'], (act: Act) => void> = {
    // a part of a drawing has no press of its own; a tab turns as the button goes down
    press: ({ target }) => {
      const press = { bubbles: true, cancelable: true, button: 0 };
      if (target.getAttribute('role') === 'tab') target.dispatchEvent(new MouseEvent('mousedown', press));
      target.dispatchEvent(new MouseEvent('click', press));
    },
    send: ({ target }) => (target as unknown as HTMLFormElement).requestSubmit(),
    key: ({ target, text, shift }) => {
      const press = { key: text, shiftKey: shift, bubbles: true, cancelable: true };
      const unheard = target.dispatchEvent(new KeyboardEvent('keydown', press));
      if (unheard && text === 'Enter' && target instanceof HTMLInputElement) target.form?.requestSubmit();
    },
    choose: ({ target }) => {
      target.dispatchEvent(new Event('change', { bubbles: true }));
    },
    type: ({ target, text }) => type(target as Element as HTMLInputElement, text),
  };
  return (act) => again[act.do](act);
}

/** What was done, as far as it is done again. Like `early`, it goes into the page as text. */
function reader(): (e: Event) => Act | null {
  const part = (e: Event, what: string) =>
    e.target instanceof Element ? e.target.closest<HTMLElement | SVGElement>(what) : null;

  const isText = (e: EventTarget | null): e is HTMLInputElement | HTMLTextAreaElement =>
    (e instanceof HTMLInputElement && e.type !== 'file') || e instanceof HTMLTextAreaElement;
  const ARROWS = ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight'];
  /** Keys that are heard; what the browser does with a key by itself comes as a press or as typing. */
  const keysOf = (e: Element): string[] => {
    if (e instanceof HTMLInputElement) return ['Enter', 'Escape', 'ArrowUp', 'ArrowDown'];
    const isDrawn = e instanceof SVGElement || ['listbox', 'slider'].includes(e.getAttribute('role') ?? '');
    return isDrawn ? ['Enter', ' ', 'Delete', 'Backspace', ...ARROWS] : [];
  };
  const pressedKey = (e: KeyboardEvent): Act | null => {
    const target = e.target;
    const isElement = target instanceof HTMLElement || target instanceof SVGElement;
    if (!isElement || e.ctrlKey || e.altKey || e.metaKey) return null;
    return keysOf(target).includes(e.key) ? { target, do: 'key', text: e.key, shift: e.shiftKey } : null;
  };
  return (e) => {
    const target = e.target;
    switch (e.type) {
      case 'click': {
        const pressed = part(e, 'button,[role=button],[role=option]');
        return pressed && { target: pressed, do: 'press', text: '', shift: false };
      }
      case 'input':
        return isText(target) ? { target, do: 'type', text: target.value, shift: false } : null;
      case 'change': {
        const isFile = target instanceof HTMLInputElement && target.type === 'file';
        return isFile ? { target, do: 'choose', text: target.value, shift: false } : null;
      }
      case 'submit':
        return target instanceof HTMLFormElement ? { target, do: 'send', text: '', shift: false } : null;
      default:
        return pressedKey(e as KeyboardEvent);
    }
  };
}

/**
 * What is done before the page is awake is not lost. A page drawn by the server can be pressed and typed into
 * before its script has taken hold of it; this remembers what was done, in order, and does it again when the
 * part it was done to is awake.
 *
 * It goes into the page as text (see `earlyScript`), so it may use nothing from outside itself. What still
 * sleeps stands within an element marked `data-asleep`; `Awake` takes the mark away. The same is done while `holdHands`
 * holds the whole page.
 */
function early(readAct: (e: Event) => Act | null, repeat: (act: Act) => void): void {
  const done: Act[] = [];
  const awake = (e: Element) => !e.closest('[data-asleep]');
  // the page is awake, but does not show yet what was done last
  const held = () => document.body.hasAttribute('data-held');
  const PATIENCE_MS = 60_000;
  let waiting = 0;
  let lastMs = 0;
  let repeating = false;

  const look = () => {
    while (done.length > 0 && !held() && (!done[0]!.target.isConnected || awake(done[0]!.target))) {
      const first = done.shift()!;
      // what became of an earlier one is drawn before the next is done
      if (first.target.isConnected) {
        repeating = true;
        repeat(first);
        repeating = false;
        break;
      }
    }
    // what is held is waited for as long as it takes: the studio may be away
    if (!held() && Date.now() - lastMs > PATIENCE_MS) done.length = 0;
    waiting = done.length > 0 ? window.setTimeout(look, 16) : 0;
  };
  const keep = (d: Act) => {
    const last = done[done.length - 1];
    if (last && last.target === d.target && last.do === 'type' && d.do === 'type') last.text = d.text;
    else done.push(d);
    lastMs = Date.now();
    if (!waiting) waiting = window.setTimeout(look, 16);
  };
  for (const type of ['click', 'input', 'change', 'keydown', 'submit']) {
    window.addEventListener(
      type,
      (e) => {
        const d = repeating ? null : readAct(e);
        if (!d) return;
        const hold = () => {
          keep(d);
          // what the browser does by itself (it sends a form, and reloads the page) comes with doing it again
          e.preventDefault();
        };
        // while something waits its turn, what comes after it waits too, or it would be done first
        if (held() || (done.length > 0 && (awake(done[0]!.target) || !awake(d.target)))) {
          e.stopImmediatePropagation();
          hold();
          return;
        }
        // heard once the page's own script has had its turn, which may wake a part just for this; it stops
        // what it cannot use yet
        document.addEventListener(
          type,
          () => {
            if (!awake(d.target)) hold();
          },
          { capture: true, once: true },
        );
      },
      true,
    );
  }
}

/** The text of the script, for the top of the page. */
export const earlyScript = (): string =>
  `(${early.toString()})((${reader.toString()})(),(${repeater.toString()})())`;
