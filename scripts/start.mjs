// npm start: the studio with whatever the data folder holds.
import { holdUntilStopped, main, prepare, serve } from './lib.mjs';

await main(async () => {
  const chosen = await prepare();
  await holdUntilStopped(await serve(chosen), chosen);
});
