/** What planning and the shop need beside the records. An entry of its own: the first screen does not load it. */
export { planRequest, PlanWishesDto } from './planRequest';
export { provenUnit, unitAfter } from './proven';
export {
  BeltPartDto,
  MoveFigureDto,
  OTHER_PART_KINDS,
  plainShop,
  SheavePartDto,
  ShopDto,
  shopEnergy,
  shopFigures,
  ShopPartDto,
  shopParts,
} from './shop';
export { stockOf, withCounts } from './stockOf';
