// npm run demo: installs, builds, fills an empty data folder with the demo studio, starts.
import { Plain, demoStudio, holdUntilStopped, main, prepare, say, serve } from './lib.mjs';

await main(async () => {
  const chosen = await prepare();
  say('Starting …');
  const server = await serve(chosen);
  const now = await (await fetch(`${server.address}/api/studio/backup`)).json();
  if (now.rooms.length === 0 && now.items.length === 0) {
    say('Filling the empty studio with the Sail Loft …');
    const filled = await fetch(`${server.address}/api/studio/restore`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: demoStudio(),
    });
    if (!filled.ok) {
      const why = await filled.text();
      await server.stop();
      throw new Plain(`The demo studio was refused: ${why}`);
    }
  }
  await holdUntilStopped(server, chosen);
});
