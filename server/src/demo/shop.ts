import type { ShopDto } from '@huff/contract/fix';
import { DEMO_AUTHOR } from '../http/author';
import { demoId } from './ids';

/** What the demo's shop has set: its tariff, its own minutes for a few moves, and what is on its truck. */
export const DEMO_SHOP: ShopDto = {
  id: DEMO_AUTHOR.shopId,
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
    { id: demoId('sheave', 3), name: 'Blower 6.4', fits: 'blower', pitchIn: 6.4, grooves: 1, onTruck: false, cost: 46 },
  ],
  belts: [
    { mark: 'A47', onTruck: true, cost: 14 },
    { mark: 'A48', onTruck: true, cost: 14 },
    { mark: 'AX50', onTruck: true, cost: 21 },
    { mark: 'B60', onTruck: false, cost: 24 },
  ],
};
