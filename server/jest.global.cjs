// Makes, once, an empty PGlite data folder as a tar, from which every test file starts (about 1 s in place of 4 to 8 s).
const { existsSync, mkdirSync, renameSync, writeFileSync } = require('node:fs');
const path = require('node:path');

module.exports = async () => {
  await require('../jest.d3.cjs')();
  const version = require('./package.json').dependencies['@electric-sql/pglite'];
  const file = path.join(__dirname, '../node_modules/.cache', `pglite-${version}.tar`);
  process.env.PGLITE_TEMPLATE = file;
  if (existsSync(file)) return;
  mkdirSync(path.dirname(file), { recursive: true });
  const { PGlite } = require('@electric-sql/pglite');
  const db = await PGlite.create();
  const tar = await db.dumpDataDir('none');
  await db.close();
  writeFileSync(`${file}.${process.pid}`, Buffer.from(await tar.arrayBuffer()));
  renameSync(`${file}.${process.pid}`, file);
};
