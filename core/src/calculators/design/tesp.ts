import { signedStaticInWc } from '../../air/readings/pressureReading';
import { toolText } from '../../base/forms/units';
import { defineTool, refuse } from '../../base/forms/tool';

/** Total external static against the plate. @source definition @example 0.31 and 0.27, plate 0.50 → 0.58, 116 % */
export const tesp = defineTool({
  id: 'tesp',
  name: 'Total external static',
  group: 'Pressure',
  says: 'Total external static from inlet and outlet readings, compared with the nameplate.',
  fields: {
    returnInWc: {
      kind: 'number',
      label: 'Inlet static',
      unit: 'inWc',
      min: -5,
      max: 5,
      hint: 'Either sign works: suction is known by its side.',
    },
    supplyInWc: { kind: 'number', label: 'Outlet static', unit: 'inWc', min: -5, max: 5 },
    plateInWc: { kind: 'number', label: 'Nameplate maximum', unit: 'inWc', min: 0.05, max: 5, assumed: 0.5 },
    coil: {
      kind: 'choice',
      label: 'Coil',
      options: [
        { id: 'inside', text: 'inside the cabinet' },
        { id: 'outside', text: 'outside, cased' },
      ],
    },
  },
  solve(v) {
    if (v.supplyInWc < 0) {
      return refuse(
        'supplyInWc',
        'Supply static should be above zero. Below zero, the ports are swapped or the tip faces away from the flow.',
      );
    }
    const total = v.supplyInWc - signedStaticInWc('return', v.returnInWc);
    const duct = v.coil === 'outside' ? 0.2 : 0.4;
    const share = (part: number) => part * v.plateInWc;
    return {
      ok: true,
      headline: { label: 'external static', value: total, unit: 'inWc', source: 'computed' },
      lines: [
        { label: 'of nameplate', value: (100 * total) / v.plateInWc, unit: 'percent', source: 'computed' },
        { label: 'filter budget', value: share(0.2), unit: 'inWc', source: 'ruleOfThumb' },
        ...(v.coil === 'outside'
          ? [{ label: 'coil budget', value: share(0.4), unit: 'inWc', source: 'ruleOfThumb' } as const]
          : []),
        { label: 'return duct budget', value: share(duct), unit: 'inWc', source: 'ruleOfThumb' },
        { label: 'supply duct budget', value: share(duct), unit: 'inWc', source: 'ruleOfThumb' },
      ],
      formula: 'TESP = |supply| + |return|',
      notes: [
        total > v.plateInWc
          ? `${toolText(total, 'inWc')} is over the ${toolText(v.plateInWc, 'inWc')} nameplate maximum. Find the restriction before raising the speed.`
          : total < 0.2 * v.plateInWc
            ? 'Very low: look for an open duct, a missing filter or a slow blower before you call it good.'
            : 'Within the nameplate maximum.',
      ],
    };
  },
});
