export { type CrossingSource, crossingShapes } from './crossingShapes';
export { curveLabel, curvesOf } from './drawnCurves';
export { limitSpot } from './limitSpot';
export { asked, edgeOf, moved, pathDiffers } from './operatingEdge';
