import type { SetupDto } from '../setup';
import type { FieldsOf } from './field';

/** What measuring needs to know of a unit. What has no `kept` is not the unit's: it goes with the table, the site, the visit or the last proof. */
export const SETUP_FIELDS: FieldsOf<SetupDto> = {
  filterPlace: { label: 'Filter location', kept: 'filter' },
  filterCount: { label: 'Filters', sheet: ['filters', 'number'], kept: 'filter' },
  filterWidthIn: { label: 'Filter width, in.', sheet: ['filter width in.', 'number'], kept: 'filter' },
  filterHeightIn: { label: 'Filter height, in.', sheet: ['filter height in.', 'number'], kept: 'filter' },
  moreFilters: { label: 'Further filters', kept: 'filter' },
  unsaid: { label: 'Not entered' },
  filterMedia: { label: 'Filter medium', kept: 'filter' },
  bareGrilleCollarIn: { label: 'Grille collar, in.', kept: 'filter' },
  altitudeFt: { label: 'Altitude, ft' },
  designCfm: { label: 'Design airflow, CFM', kept: 'design airflow' },
  lineVolts: { label: 'Line volts', kept: 'line volts' },
  tableCoil: { label: 'The table’s coil' },
  tableVolts: { label: 'The table’s volts' },
  tableFilter: { label: 'The table’s filter' },
  tableDryFactor: { label: 'Dry-coil factor' },
  riseMinF: { label: 'Lowest rise, °F', kept: 'nameplate rise' },
  riseMaxF: { label: 'Highest rise, °F', kept: 'nameplate rise' },
  effectiveLengthFt: { label: 'Effective length, ft', kept: 'length of the ducts' },
  school: { label: 'Static school', kept: 'how it is judged' },
  dropSchool: { label: 'Drop school', kept: 'how it is judged' },
  equipment: { label: 'Equipment', kept: 'equipment' },
  stages: { label: 'Stages', kept: 'stages' },
  zoning: { label: 'Zones or bypass', kept: 'zones or bypass' },
  stage: { label: 'Stage that ran' },
  drive: { label: 'Belt drive', kept: 'sheaves and belt' },
  proven: { label: 'Verified state' },
  motorPlate: { label: 'Motor nameplate', kept: 'motor nameplate' },
  speeds: { label: 'Other speeds', kept: 'other speeds' },
};
