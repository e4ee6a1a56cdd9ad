import { netBuilding, outdoorAirShare } from '../../call/building';
import { defineTool, refuse } from '../../base/forms/tool';

const FLOWS = { kind: 'list', unit: 'cfm', min: 0, max: 200_000, least: 1, most: 20, optional: true } as const;

/** Net air of a building. @example exhaust 2,400, outdoor air 600 → −1,800 */
const netBuildingTool = defineTool({
  id: 'netBuilding',
  name: 'Net building air',
  group: 'Building air',
  says: 'Make-up and outdoor air against exhaust: is the building under negative pressure?',
  care: 'If a flue spills, act first: burner off, ventilate, refer.',
  fields: {
    exhaustCfm: { ...FLOWS, label: 'Exhaust fans' },
    makeUpCfm: { ...FLOWS, label: 'Make-up air units' },
    outdoorAirCfm: { ...FLOWS, label: 'Outdoor air units' },
    pressureInWc: {
      kind: 'number',
      label: 'Building pressure',
      unit: 'inWc',
      min: -1,
      max: 1,
      optional: true,
    },
  },
  solve({ exhaustCfm = [], makeUpCfm = [], outdoorAirCfm = [], pressureInWc }) {
    if (exhaustCfm.length + makeUpCfm.length + outdoorAirCfm.length === 0)
      return refuse('exhaustCfm', 'Enter the airflow of at least one fan or unit.');
    const orNone = (flows: readonly number[]) => (flows.length > 0 ? flows : [0]);
    const { netCfm, sentence, missingCfm } = netBuilding(
      { exhaustCfm: orNone(exhaustCfm), makeUpCfm: orNone(makeUpCfm), outdoorAirCfm: orNone(outdoorAirCfm) },
      pressureInWc,
    );
    return {
      ok: true,
      headline: { label: 'net building airflow', value: netCfm!, unit: 'cfm', source: 'computed' },
      lines: missingCfm ? [{ label: 'needed for balance', value: missingCfm, unit: 'cfm', source: 'computed' }] : [],
      formula: 'net = make-up + outdoor air − exhaust',
      notes: [sentence, 'Blank counts as none.'],
    };
  },
});

/** Outdoor-air share. @example 72, 64, 32 °F → 20 % */
const outdoorAirTool = defineTool({
  id: 'outdoorAir',
  name: 'Outdoor-air percentage',
  group: 'Building air',
  says: 'Outdoor-air percentage from return, mixed and outdoor temperature, with its error.',
  fields: {
    returnF: { kind: 'number', label: 'Return', unit: 'degF', min: 30, max: 120 },
    mixedF: { kind: 'number', label: 'Mixed', unit: 'degF', min: -40, max: 130 },
    outdoorF: { kind: 'number', label: 'Outdoors', unit: 'degF', min: -40, max: 130 },
  },
  solve({ returnF, mixedF, outdoorF }) {
    const told = outdoorAirShare(returnF, mixedF, outdoorF);
    if (!told.ok) return refuse('mixedF', told.why);
    return {
      ok: true,
      headline: { label: 'outdoor air', value: 100 * told.share, unit: 'percent', source: 'computed' },
      lines: [{ label: 'good to ±', value: 100 * told.sigma, unit: 'percent', source: 'computed' }],
      formula: '(return − mixed) ÷ (return − outdoors)',
      notes: ['Mixed air is rarely well mixed: measure several points across the duct.'],
    };
  },
});

export const BUILDING_TOOLS = [netBuildingTool, outdoorAirTool] as const;
