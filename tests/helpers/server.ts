import type { ChildProcess } from 'node:child_process';

export type Server = { child: ChildProcess; address: string; ended: Promise<unknown>; stop: () => Promise<void> };

/** The start script's own way of bringing a server up. */
export const serve = async (settings: { port: number; host: string; data: string }): Promise<Server> => {
  const lib = (await import('../../scripts/lib.mjs' as string)) as { serve: (s: typeof settings, o: { quiet: boolean }) => Promise<Server> };
  return lib.serve(settings, { quiet: true });
};
