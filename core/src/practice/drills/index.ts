export { NAMED_DRILLS, type NamedDrill, namedDrill } from './namedDrills';
