import type { ShopDto } from '@huff/contract/fix';
import { DEMO_AUTHOR } from '../http/author';
import { demoId } from './ids';

/** So long ago the truck was counted. */
const COUNTED_MS = 3 * 86_400_000;

/** What the demo's shop has set: its tariff, its own minutes for a few moves, and what is on its truck. */
export function demoShop(now: Date): ShopDto {
  const countedAt = new Date(now.getTime() - COUNTED_MS).toISOString();
  const counted = (count: number) => ({ counted: count, countedAt });
  return {
    id: DEMO_AUTHOR.shopId,
    card: {
      name: 'Lakeshore Air & Duct',
      address: '14 Quay Street',
      phone: '555-0142',
      licence: '20417',
      technician: 'Rowan',
      payment: 'Payment is due in 14 days.',
    },
    currency: '$',
    tariffPerKwh: 0.19,
    hoursAYear: 2200,
    moves: [
      { move: 'newFilter', minutes: 8, cost: 14 },
      { move: 'cleanWheel', minutes: 75, cost: 15 },
    ],
    sheaves: [
      {
        id: demoId('sheave', 1),
        name: 'Adjustable 3.4–4.4',
        fits: 'motor',
        pitchIn: 3.4,
        mostPitchIn: 4.4,
        turns: 5,
        grooves: 1,
        onTruck: true,
        cost: 34,
      },
      { id: demoId('sheave', 2), name: 'Fixed 3.7', fits: 'motor', pitchIn: 3.7, grooves: 1, onTruck: true, cost: 18 },
      {
        id: demoId('sheave', 3),
        name: 'Blower 6.4',
        fits: 'blower',
        pitchIn: 6.4,
        grooves: 1,
        onTruck: false,
        cost: 46,
      },
    ],
    belts: [
      { mark: 'A47', onTruck: true, cost: 14, ...counted(2) },
      { mark: 'A48', onTruck: true, cost: 14, ...counted(1) },
      { mark: 'AX50', onTruck: true, cost: 21 },
      { mark: 'B60', onTruck: false, cost: 24 },
    ],
    parts: [
      {
        id: demoId('part', 1),
        kind: 'filter',
        name: 'Filter 20 × 25 × 1',
        widthIn: 20,
        heightIn: 25,
        onTruck: true,
        cost: 9,
        ...counted(0),
      },
      {
        id: demoId('part', 2),
        kind: 'filter',
        name: 'Filter 16 × 25 × 4',
        widthIn: 16,
        heightIn: 25,
        onTruck: true,
        cost: 26,
      },
      {
        id: demoId('part', 3),
        kind: 'capacitor',
        name: 'Run capacitor 7.5 µF',
        microfarads: 7.5,
        onTruck: true,
        cost: 12,
        ...counted(3),
      },
      {
        id: demoId('part', 4),
        kind: 'capacitor',
        name: 'Run capacitor 10 µF',
        microfarads: 10,
        onTruck: true,
        cost: 13,
        ...counted(2),
      },
      {
        id: demoId('part', 5),
        kind: 'contactor',
        name: 'Contactor 30 A, 24 V coil',
        onTruck: true,
        cost: 24,
        ...counted(1),
      },
      { id: demoId('part', 6), kind: 'other', name: 'Float switch', onTruck: false, cost: 17 },
    ],
  };
}
