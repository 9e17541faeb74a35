import type { ChildProcess } from 'node:child_process';

export type Server = {
  child: ChildProcess;
  address: string;
  ended: Promise<unknown>;
  stop: () => Promise<void>;
};

/** The start script's own way of bringing a server up. */
type Lib = {
  serve: (s: { port: number; host: string; data: string }, o: { quiet: boolean }) => Promise<Server>;
  demoStudio: () => string;
};
const lib = async (): Promise<Lib> => (await import('../../scripts/lib.mjs' as string)) as Lib;

/** The demo studio as the demo command fills it in. */
export const demoStudio = async (): Promise<string> => (await lib()).demoStudio();

export const serve = async (settings: { port: number; host: string; data: string }): Promise<Server> => {
  return (await lib()).serve(settings, { quiet: true });
};
