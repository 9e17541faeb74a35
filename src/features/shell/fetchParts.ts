/** A mark in the browser's timeline. */
const PARTS_ARE_HERE = 'rideau: the parts are here';
/** How a script of the app names another that it loads later. */
const NAMED = /static\/chunks\/[\w~.-]+\.(?:js|css)/g;
const UNDER = '/_next/';
let isAsked = false;

const nameOf = (address: string): string => address.slice(address.indexOf('static/chunks/'));

/**
 * Fetches every script that the page could load later into the browser's cache, one after the other: the other stages
 * of a room, and what opens on a press, need them when the studio cannot be reached.
 */
export async function fetchParts(): Promise<void> {
  if (isAsked) return;
  isAsked = true;
  try {
    const scripts = [...document.scripts].map((s) => s.src).filter((src) => src.includes(UNDER));
    const names = new Set(scripts.map(nameOf));
    // a set goes on over what is added to it meanwhile
    for (const name of names) {
      const script = await (await fetch(UNDER + name, { cache: 'force-cache', priority: 'low' })).text();
      for (const [found] of script.matchAll(NAMED)) names.add(found);
    }
    performance.mark(PARTS_ARE_HERE);
  } catch {
    // the studio is away: the next page asks again
    isAsked = false;
  }
}
