import { BlowerTableDto, check, SiteDto, UnitDto, VisitDto } from '@huff/contract';
import { ShopDto } from '@huff/contract/fix';
import type { ClassConstructor } from 'class-transformer';
import { blowerTablesOn } from '../blowerTables/blowerTables';
import type { Db } from '../db/db';
import { DEMO_AUTHOR } from '../http/author';
import { shopOn } from '../shop/shop';
import { sitesOn } from '../sites/sites';
import { unitsOn } from '../units/units';
import { visitsOn } from '../visits/visits';
import { DEMO_SHOP } from './shop';
import { DEMO_TABLES } from './tables';
import { DEMO_SITES, DEMO_UNITS } from './units';
import { demoVisits } from './visits';

/** Demo records go in by the same door as a client's. */
function sound<T extends object>(Class: ClassConstructor<T>, record: object): T {
  const checked = check(Class, record);
  if (!checked.ok) throw new Error(`Demo data is not valid: ${JSON.stringify(checked.errors)}`);
  return checked.value;
}

/**
 * Loads the demo scenario once: an invented town, with a week of visits before `now`. A database that has it is left alone.
 *
 * @returns whether anything was loaded
 */
export async function loadDemo(db: Db, now: Date): Promise<boolean> {
  const last = DEMO_UNITS.at(-1)!.id;
  const [there] = await db.query('SELECT id FROM units WHERE id = $1', [last]);
  if (there) return false;
  const savedAt = new Date(now.getTime() - 7 * 86_400_000).toISOString();
  const tables = blowerTablesOn(db);
  const units = unitsOn(db);
  const visits = visitsOn(db);
  for (const visit of demoVisits(now)) await visits.put(DEMO_AUTHOR, sound(VisitDto, visit));
  for (const table of DEMO_TABLES) await tables.put(DEMO_AUTHOR, sound(BlowerTableDto, { ...table, savedAt }));
  const sites = sitesOn(db);
  for (const site of DEMO_SITES) await sites.put(DEMO_AUTHOR, sound(SiteDto, { ...site, savedAt }));
  await shopOn(db).put(DEMO_AUTHOR, sound(ShopDto, { ...DEMO_SHOP, savedAt }));
  // Units last: the last one's presence says that all of it is here.
  for (const unit of DEMO_UNITS) await units.put(DEMO_AUTHOR, sound(UnitDto, { ...unit, savedAt }));
  return true;
}
