import type { ChildProcess } from 'node:child_process';
import net from 'node:net';

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

/** A port that nothing listens on. */
export const freePort = () =>
  new Promise<number>((resolve) => {
    const s = net.createServer();
    s.listen(0, '127.0.0.1', () => {
      const { port } = s.address() as net.AddressInfo;
      s.close(() => resolve(port));
    });
  });
