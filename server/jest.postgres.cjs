// Every test of the server that asks a database, once more on a PostgreSQL server.
const { readdirSync, readFileSync } = require('node:fs');
const path = require('node:path');

const ASKS = /\b(testServer|testDb|syncServer|onlyOnServer)\b/;
const source = path.join(__dirname, 'src');
/** It copies the folder of the embedded database. */
const EMBEDDED_ONLY = ['backup/backup.test.ts'];
const tests = readdirSync(source, { recursive: true, encoding: 'utf8' }).filter(
  (name) =>
    name.endsWith('.test.ts') &&
    !EMBEDDED_ONLY.includes(name) &&
    ASKS.test(readFileSync(path.join(source, name), 'utf8')),
);

module.exports = {
  ...require('./jest.config.cjs'),
  displayName: 'postgres',
  testMatch: tests.map((name) => `<rootDir>/src/${name}`),
  globalSetup: '<rootDir>/jest.postgres.start.cjs',
  globalTeardown: '<rootDir>/jest.postgres.stop.cjs',
  setupFiles: ['<rootDir>/jest.postgres.use.cjs'],
};
