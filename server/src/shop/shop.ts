import { plainShop, type ShopDto } from '@huff/contract/fix';
import type { Db } from '../db/db';
import { moment } from '../db/moment';
import { putLatest } from '../db/putLatest';
import type { Author } from '../http/author';
import { conflict } from '../http/problems';

type ShopRow = ShopDto & Record<string, unknown>;

export function shopOn(db: Db) {
  return {
    /** What the shop has set; the usual while it has set nothing. */
    async get({ shopId }: Author): Promise<ShopDto> {
      const [row] = await db.query<ShopRow>(
        `SELECT id, currency, tariff_per_kwh AS "tariffPerKwh", hours_a_year AS "hoursAYear", moves, sheaves, belts,
           ${moment('saved_at')} AS "savedAt"
         FROM shop_figures WHERE shop_id = $1`,
        [shopId],
      );
      return row ?? plainShop(shopId);
    },

    put(author: Author, shop: ShopDto): Promise<void> {
      if (shop.id.toLowerCase() !== author.shopId) throw conflict('These figures are of another shop.');
      return putLatest(db.query, 'shop_figures', author, {
        id: shop.id,
        savedAt: shop.savedAt,
        columns: {
          currency: shop.currency,
          tariff_per_kwh: shop.tariffPerKwh ?? null,
          hours_a_year: shop.hoursAYear ?? null,
          moves: JSON.stringify(shop.moves),
          sheaves: JSON.stringify(shop.sheaves),
          belts: JSON.stringify(shop.belts),
        },
      });
    },
  };
}
