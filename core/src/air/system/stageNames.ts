import type { StageKind } from './layouts';

const NAMES: Record<StageKind, string> = {
  hood: 'Hood',
  returnDuct: 'Return duct',
  filter: 'Filter',
  coil: 'Coil',
  blower: 'Blower',
  heat: 'Heat',
  supplyDuct: 'Supply duct',
};

/** "Return duct, filter" */
export function stagesText(stages: readonly StageKind[]): string {
  return stages.map((kind, i) => (i === 0 ? NAMES[kind] : NAMES[kind].toLowerCase())).join(', ');
}
