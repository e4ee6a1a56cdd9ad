import type { StockCount, StockedPart } from '@huff/core/call';
import type { ShopDto } from './shop';

interface Counted {
  readonly counted?: number | null;
  readonly countedAt?: string | null;
}

const countOf = ({ counted, countedAt }: Counted): { readonly count?: StockCount } =>
  typeof counted === 'number' && countedAt ? { count: { counted, countedAt } } : {};

/**
 * Every part of a shop's lists as it is stocked, each with the key by which it is taken.
 *
 * @example stockOf({ …, belts: [{ mark: 'A48', onTruck: true, cost: 14 }] })[0].key // 'belt:A48'
 */
export function stockOf({ belts, sheaves, parts }: ShopDto): readonly StockedPart[] {
  return [
    ...belts.map((belt): StockedPart => {
      const { mark, cost, onTruck } = belt;
      return { key: `belt:${mark}`, kind: 'belt', name: `Belt ${mark}`, mark, cost, onTruck, ...countOf(belt) };
    }),
    ...sheaves.map((sheave): StockedPart => {
      const { id, name, cost, onTruck } = sheave;
      return { key: `sheave:${id}`, kind: 'sheave', name, cost, onTruck, ...countOf(sheave) };
    }),
    ...(parts ?? []).map((part): StockedPart => {
      const { id, kind, name, cost, onTruck, widthIn, heightIn, microfarads } = part;
      return {
        key: `part:${id}`,
        kind,
        name,
        cost,
        onTruck,
        ...countOf(part),
        ...(widthIn ? { widthIn } : {}),
        ...(heightIn ? { heightIn } : {}),
        ...(microfarads ? { microfarads } : {}),
      };
    }),
  ];
}

/**
 * A shop with its truck counted: what is in the list was counted just now, the rest stands as it was.
 *
 * @param counts how many, by key
 * @param countedAt ISO time
 */
export function withCounts(shop: ShopDto, counts: ReadonlyMap<string, number>, countedAt: string): ShopDto {
  const counted = <P extends Counted>(part: P, key: string): P => {
    const count = counts.get(key);
    return count === undefined ? part : { ...part, counted: count, countedAt };
  };
  return {
    ...shop,
    belts: shop.belts.map((belt) => counted(belt, `belt:${belt.mark}`)),
    sheaves: shop.sheaves.map((sheave) => counted(sheave, `sheave:${sheave.id}`)),
    ...(shop.parts ? { parts: shop.parts.map((part) => counted(part, `part:${part.id}`)) } : {}),
  };
}
