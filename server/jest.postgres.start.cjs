// Starts a PostgreSQL server for the tests, in its own folder, on its own port, with a migrated database to copy.
const TEMPLATE = 'huff_migrated';

module.exports = async () => {
  await require('./jest.global.cjs')();
  const { startPostgres } = await import('../scripts/setup/postgres.mjs');
  global.postgres = await startPostgres();
  process.env.HUFF_TEST_SERVER = global.postgres.url;
  await global.postgres.psql(`CREATE DATABASE ${TEMPLATE} OWNER huff`, 'postgres');
  const address = new URL(global.postgres.url);
  address.pathname = TEMPLATE;
  require('./jest.template.cjs')(address.href);
  process.env.HUFF_TEST_TEMPLATE = TEMPLATE;
};
