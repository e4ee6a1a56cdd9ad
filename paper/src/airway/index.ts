export { type AirwayBlock, type AirwayPlan, planAirway } from './airwayGeometry';
export { type DrawnPort, pressureLine } from './pressureLine';
