export {
  type Box,
  type CrossingScales,
  crossingScales,
  fanPath,
  labelPoint,
  spreadPath,
  systemPath,
} from './crossingScales';
export { type Curve, curveLabel, curvesOf, spreadOf } from './drawnCurves';
export { limitSpot, type Taken } from './limitSpot';
export { asked, edgeOf, type EdgePoint, moved, pathDiffers } from './operatingEdge';
