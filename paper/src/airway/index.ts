export {
  type AirwayBlock,
  type AirwayMark,
  type AirwayPlan,
  planAirway,
  type Point,
  splitAtAxis,
} from './airwayGeometry';
