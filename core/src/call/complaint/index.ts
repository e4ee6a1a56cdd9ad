export { CALL_CAUTIONS, type CallCaution } from './cautions';
export { type Complaint, type FirstStep, ROUTE_STATIONS, type RouteStation } from './complaint';
