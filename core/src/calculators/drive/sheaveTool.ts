import { beltSlip, blowerRpm, MOST_SLIP, pitchAt, TURN_STEP, turnsFor, type AdjustableSheave } from '../../air/drive';
import { defineTool, refuse, type ToolLine } from '../../base/forms/tool';

/** RPM by the sheaves, slip, and the turns a wanted RPM asks for. @example worked example D: 822.6 RPM; 921.4 wants 0.52 turns */
export const sheaveTool = defineTool({
  id: 'sheaves',
  name: 'Sheaves and RPM',
  group: 'Drive',
  says: 'Blower RPM from motor RPM and pitch diameters, turns for a target RPM, and belt slip.',
  care: 'Use pitch diameters, not outside diameters. Turn both grooves of a two-groove sheave alike.',
  fields: {
    motorRpm: {
      kind: 'number',
      label: 'Motor',
      unit: 'rpm',
      min: 300,
      max: 3600,
      assumed: 1750,
      hint: 'measured is better than nameplate',
    },
    kind: {
      kind: 'choice',
      label: 'Motor sheave',
      options: [
        { id: 'adjustable', text: 'adjustable' },
        { id: 'fixed', text: 'fixed' },
      ],
    },
    pitchIn: { kind: 'number', label: 'Motor pitch diameter', unit: 'in', min: 1, max: 30 },
    leastPitchIn: { kind: 'number', label: 'Pitch diameter open', unit: 'in', min: 1, max: 30 },
    mostPitchIn: { kind: 'number', label: 'Pitch diameter closed', unit: 'in', min: 1, max: 30 },
    turns: { kind: 'number', label: 'Total turns', unit: 'turns', min: 0.5, max: 10 },
    turnsOpen: { kind: 'number', label: 'Turns open now', unit: 'turns', min: 0, max: 10 },
    blowerPitchIn: { kind: 'number', label: 'Blower pitch diameter', unit: 'in', min: 2, max: 60 },
    measuredRpm: { kind: 'number', label: 'Blower measured', unit: 'rpm', min: 50, max: 5000, optional: true },
    wantedRpm: { kind: 'number', label: 'Target blower RPM', unit: 'rpm', min: 50, max: 5000, optional: true },
  },
  hides: (raw) => (raw.kind === 'fixed' ? ['leastPitchIn', 'mostPitchIn', 'turns', 'turnsOpen'] : ['pitchIn']),
  solve(v) {
    const adjustable = v.kind === 'adjustable';
    if (adjustable && v.mostPitchIn <= v.leastPitchIn)
      return refuse('mostPitchIn', 'Closed, the sheave must be larger than open.');
    if (adjustable && v.turnsOpen > v.turns) {
      return refuse(
        'turnsOpen',
        `The sheave turns from 0 to ${v.turns}. Past that, the belt rides on the bottom of the groove.`,
      );
    }
    const sheave: AdjustableSheave = {
      kind: 'adjustable',
      leastPitchIn: v.leastPitchIn,
      mostPitchIn: v.mostPitchIn,
      turns: v.turns,
      grooves: 1,
    };
    const pitch = adjustable ? pitchAt(sheave, v.turnsOpen) : v.pitchIn;
    const rpm = blowerRpm(v.motorRpm, pitch, v.blowerPitchIn);
    const lines: ToolLine[] = [{ label: 'motor pitch diameter', value: pitch, unit: 'in', source: 'computed' }];
    const notes: string[] = [];
    if (v.measuredRpm !== undefined) {
      const slip = beltSlip(v.measuredRpm, rpm);
      lines.push({ label: 'slip', value: 100 * slip, unit: 'percent', source: 'computed' });
      if (slip > MOST_SLIP) notes.push('Over 3 % slip: the belt is slack, worn, oily or out of line. Fix that first.');
      if (slip < -0.01)
        notes.push('The blower turns faster than the sheaves allow. Check the diameters and motor RPM.');
    }
    if (v.wantedRpm !== undefined) {
      const wanted = (v.wantedRpm * v.blowerPitchIn) / v.motorRpm;
      lines.push({ label: 'pitch diameter wanted', value: wanted, unit: 'in', source: 'computed' });
      if (adjustable) {
        const exact = turnsFor(sheave, wanted);
        const turns = Math.round(exact / TURN_STEP) * TURN_STEP;
        if (turns < 0 || turns > v.turns) {
          notes.push(
            `The fitted sheave gives ${Math.round(blowerRpm(v.motorRpm, v.leastPitchIn, v.blowerPitchIn))} to ${Math.round(blowerRpm(v.motorRpm, v.mostPitchIn, v.blowerPitchIn))} RPM. Another sheave is needed.`,
          );
        } else {
          lines.push(
            { label: 'turns open', value: turns, unit: 'turns', source: 'computed' },
            {
              label: 'RPM at that',
              value: blowerRpm(v.motorRpm, pitchAt(sheave, turns), v.blowerPitchIn),
              unit: 'rpm',
              source: 'computed',
            },
          );
        }
      }
    }
    return {
      ok: true,
      headline: { label: 'calculated blower RPM', value: rpm, unit: 'rpm', source: 'computed' },
      lines,
      formula: 'blower RPM = motor RPM × motor pitch ÷ blower pitch; slip = 1 − measured ÷ by the sheaves',
      notes,
    };
  },
});
