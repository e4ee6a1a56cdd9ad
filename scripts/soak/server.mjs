import { startServer } from '../setup/server.mjs';

/** The built server on a folder of its own, to be killed and started again on the same address. */
export async function killableServer(dataFolder) {
  let running = await startServer(dataFolder, { demo: false });
  const { url } = running;
  const port = Number(new URL(url).port);
  return {
    url,
    start: async () => {
      running = await startServer(dataFolder, { demo: false, port });
    },
    /** As a crash would. */
    kill: () => running.kill(),
    stop: () => running.stop(),
  };
}
