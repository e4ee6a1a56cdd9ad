import { fanLaws } from '../../air/drive';
import { defineTool, type ToolLine } from '../../base/forms/tool';

/** What another speed does on the same ducts. @source fan laws @example 822.6 to 921.4 RPM → BHP × 1.405 */
export const fanLawsTool = defineTool({
  id: 'fanLaws',
  name: 'Fan laws',
  group: 'Drive',
  says: 'Airflow, static and power at another RPM, with the ducts unchanged.',
  care: 'Valid only if nothing else changes.',
  fields: {
    rpmNow: { kind: 'number', label: 'Blower now', unit: 'rpm', min: 50, max: 5000 },
    rpmThen: { kind: 'number', label: 'Blower then', unit: 'rpm', min: 50, max: 5000 },
    flowCfm: { kind: 'number', label: 'Airflow now', unit: 'cfm', min: 20, max: 60_000, optional: true },
    tespInWc: { kind: 'number', label: 'TESP now', unit: 'inWc', min: 0, max: 10, optional: true },
    bhp: { kind: 'number', label: 'Brake horsepower now', unit: 'hp', min: 0, max: 100, optional: true },
    amps: { kind: 'number', label: 'Motor amps now', unit: 'amps', min: 0, max: 300, optional: true },
  },
  solve({ rpmNow, rpmThen, flowCfm, tespInWc, bhp, amps }) {
    const ratio = rpmThen / rpmNow;
    const laws = fanLaws(ratio);
    const lines: ToolLine[] = [
      { label: 'airflow ×', value: laws.flow, unit: 'factor', source: 'computed' },
      { label: 'static ×', value: laws.static, unit: 'factor', source: 'computed' },
      { label: 'power and amps ×', value: laws.power, unit: 'factor', source: 'computed' },
    ];
    if (tespInWc !== undefined)
      lines.push({ label: 'static then', value: tespInWc * laws.static, unit: 'inWc', source: 'computed' });
    if (bhp !== undefined)
      lines.push({ label: 'brake horsepower then', value: bhp * laws.power, unit: 'hp', source: 'computed' });
    if (amps !== undefined)
      lines.push({ label: 'amps then', value: amps * laws.power, unit: 'amps', source: 'computed' });
    return {
      ok: true,
      headline:
        flowCfm === undefined
          ? { label: 'power ×', value: laws.power, unit: 'factor', source: 'computed' }
          : { label: 'airflow then', value: flowCfm * laws.flow, unit: 'cfm', source: 'computed' },
      lines,
      formula: 'CFM ∝ RPM, static ∝ RPM², brake horsepower ∝ RPM³',
      notes: ratio > 1 ? ['After raising the speed, measure amps on every leg and compare with the nameplate.'] : [],
    };
  },
});
