// Makes demo/sail-loft.studio.json: the demo studio, our own invention. Run: node demo/build.mjs
import { writeFileSync } from 'node:fs';
import './parts/textiles.mjs';
import './parts/art.mjs';
import './parts/objects.mjs';
import { home, places } from './parts/places.mjs';
import { items } from './parts/stash.mjs';
import { longRoom } from './parts/longRoom.mjs';
import { bedroom } from './parts/bedroom.mjs';
import { landing } from './parts/landing.mjs';
import { lookout } from './parts/lookout.mjs';
import { galley } from './parts/galley.mjs';
import { bathroom } from './parts/bathroom.mjs';

const studio = {
  rideauStudio: 8,
  name: 'Harbour studio',
  rules: [],
  homes: [home],
  places,
  items: items.sort((a, b) => (a.id < b.id ? -1 : 1)),
  rooms: [longRoom, bedroom, landing, lookout, galley, bathroom],
};
writeFileSync(new URL('./sail-loft.studio.json', import.meta.url), `${JSON.stringify(studio, null, 1)}\n`);
console.log(`${items.length} items`);
