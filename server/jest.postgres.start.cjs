// Starts a PostgreSQL server for the tests, in its own folder, on its own port.
module.exports = async () => {
  await require('./jest.global.cjs')();
  const { startPostgres } = await import('../scripts/setup/postgres.mjs');
  global.postgres = await startPostgres();
  process.env.HUFF_TEST_SERVER = global.postgres.url;
};
