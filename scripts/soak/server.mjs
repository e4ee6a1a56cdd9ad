import { startPostgres } from '../setup/postgres.mjs';
import { startServer } from '../setup/server.mjs';

/** A built server on a folder or a database, to be killed and started again on the same address. */
async function killableServer(options) {
  let running = await startServer(options.folder, { demo: false, ...options });
  const { url } = running;
  const port = Number(new URL(url).port);
  return {
    url,
    start: async () => {
      running = await startServer(options.folder, { demo: false, ...options, port });
    },
    /** As a crash would. */
    kill: () => running.kill(),
    stop: () => running.stop(),
  };
}

/** So often it is the database that is killed, where it is a server. */
const DATABASE_KILLED = 0.2;

/**
 * What phones talk to: one server on a folder, or several on one PostgreSQL server.
 *
 * @returns their addresses; how to kill one of them, or their database, and start it again
 */
export async function killableServers({ folder, count, isPostgres, random }) {
  // What is confirmed must outlive a kill of the database: it waits for the disk.
  const postgres = isPostgres ? await startPostgres({ quick: false }) : undefined;
  const servers = await Promise.all(
    Array.from({ length: count }, (_, i) => killableServer({ folder: `${folder}-${i}`, database: postgres?.url })),
  );
  return {
    urls: servers.map(({ url }) => url),
    /** @param between waits while what was killed is away */
    killOne: async (between) => {
      const victim = postgres && random.chance(DATABASE_KILLED) ? postgres : random.pick(servers);
      await victim.kill();
      await between();
      await victim.start();
    },
    stop: async () => {
      for (const server of servers) await server.stop();
      await postgres?.stop();
    },
  };
}
