// Starts a PostgreSQL server for the tests, in a folder and on a port of its own.
module.exports = async () => {
  await require('./jest.global.cjs')();
  const { startPostgres } = await import('../scripts/setup/postgres.mjs');
  global.postgres = await startPostgres();
  process.env.HUFF_TEST_SERVER = global.postgres.url;
};
