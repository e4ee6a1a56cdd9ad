export { type BuildingNet, netBuilding, outdoorAirShare } from './buildingAir';
export { makeUpLines } from './makeUp';
