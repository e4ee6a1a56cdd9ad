import { STATIC_LIMIT_IN_WC } from '@huff/core';

/** The range of every number a person may type, with its unit in the name. Form and server refuse what lies outside. */
export const LIMITS = {
  staticInWc: { min: -STATIC_LIMIT_IN_WC, max: STATIC_LIMIT_IN_WC },
  tableStaticInWc: { min: 0, max: STATIC_LIMIT_IN_WC },
  flowCfm: { min: 20, max: 60_000 },
  rpm: { min: 50, max: 5000 },
  bhp: { min: 0.01, max: 200 },
  watts: { min: 1, max: 100_000 },
  minutes: { min: 0, max: 6000 },
  drillCount: { min: 0, max: 1000 },
  cost: { min: 0, max: 100_000 },
  tariffPerKwh: { min: 0.001, max: 10 },
  hoursAYear: { min: 1, max: 8784 },
  partsInList: { min: 0, max: 200 },
  microfarads: { min: 0.5, max: 500 },
  stockCount: { min: 0, max: 999 },
  placeInDay: { min: 0, max: 10_000 },
  planBytes: { min: 2, max: 120_000 },
  pitchIn: { min: 1, max: 60 },
  turns: { min: 0.5, max: 10 },
  grooves: { min: 1, max: 2 },
  tons: { min: 0.5, max: 150 },
  maxTespInWc: { min: 0.05, max: STATIC_LIMIT_IN_WC },
  cfmPerTon: { min: 200, max: 600 },
  altitudeFt: { min: -1000, max: 15_000 },
  volts: { min: 90, max: 600 },
  filterCount: { min: 1, max: 60 },
  filterSideIn: { min: 4, max: 60 },
  riseF: { min: 5, max: 150 },
  lengthFt: { min: 10, max: 2000 },
  factsPerVisit: { min: 0, max: 5000 },
  noteLength: { min: 0, max: 400 },
  minutesRunning: { min: 0, max: 24 * 60 },
  tableTaps: { min: 1, max: 24 },
  tableStatics: { min: 2, max: 40 },
  readingsPerVisit: { min: 0, max: 5000 },
  nameLength: { min: 1, max: 80 },
  /** Two names and what parts them. */
  titleLength: { min: 1, max: 162 },
  tapLength: { min: 1, max: 16 },
  plateText: { min: 1, max: 40 },
  noteLine: { min: 1, max: 200 },
  noteText: { min: 1, max: 1000 },
  portPlaces: { min: 0, max: 6 },
  filterSets: { min: 0, max: 6 },
  correctionFactor: { min: 0.5, max: 1.5 },
  laborAnHour: { min: 0, max: 1000 },
  photoBase64: { min: 100, max: 800_000 },
  smallPhotoBase64: { min: 100, max: 40_000 },
  csvBytes: { min: 1, max: 1_000_000 },
  /** A log of a working day, one value a second of four channels. */
  logBytes: { min: 1, max: 6_000_000 },
} as const;

/** "between 0.5 and 150" */
export const between = ({ min, max }: { min: number; max: number }) =>
  `between ${min.toLocaleString('en-US').replace('-', '−')} and ${max.toLocaleString('en-US')}`;
