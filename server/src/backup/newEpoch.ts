import { openTaken } from '../db/pgliteDb';

/** Gives the data of a folder another epoch. A backup of before there were epochs gets one when its Huff is updated. */
export async function newEpoch(folder: string): Promise<void> {
  const db = await openTaken(folder);
  try {
    const [column] = await db.query(
      `SELECT 1 AS there FROM information_schema.columns WHERE table_name = 'shops' AND column_name = 'epoch'`,
    );
    if (column) await db.query('UPDATE shops SET epoch = gen_random_uuid()');
  } finally {
    await db.close();
  }
}
