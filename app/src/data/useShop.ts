import { plainShop, type ShopDto } from '@huff/contract/fix';
import { shop } from './records';

const UNKNOWN_SHOP = plainShop('00000000-0000-4000-8000-000000000000');

/** What the shop has set; the usual until it was read once. */
export const useShop = (): ShopDto => shop.useList().records[0]?.record ?? UNKNOWN_SHOP;
