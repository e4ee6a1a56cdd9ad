import { shownWords } from '../../base/words';
import { beltPitchLengthIn, beltSpeedFpm, centresIn, LEAST_WRAP_DEG, readBeltMark, wrapDeg } from '../../air/drive';
import { standardBelts } from '../../air/drive/soldBelts';
import { defineTool, refuse, type ToolLine } from '../../base/forms/tool';

/** Belt for a centre distance, or centre distance for a belt. @example worked example D: 49.39 in. → A48, centres 16.46 in. */
export const beltLengthTool = defineTool({
  id: 'beltLength',
  name: 'Belt length and centers',
  group: 'Drive',
  says: 'Belt size for a center distance, or center distance for a belt. Also wrap and belt speed.',
  care: 'Use pitch diameters. Measure center distance with the belt tight.',
  fields: {
    by: {
      kind: 'choice',
      label: 'Known',
      options: [
        { id: 'centres', text: 'center distance' },
        { id: 'belt', text: 'belt' },
      ],
    },
    onePitchIn: { kind: 'number', label: 'Motor pitch diameter', unit: 'in', min: 1, max: 60 },
    otherPitchIn: { kind: 'number', label: 'Blower pitch diameter', unit: 'in', min: 1, max: 60 },
    centresIn: { kind: 'number', label: 'Center distance', unit: 'in', min: 3, max: 120 },
    section: {
      kind: 'choice',
      label: 'Section',
      options: [
        { id: 'A', text: 'A' },
        { id: 'AX', text: 'AX' },
        { id: 'B', text: 'B' },
        { id: 'BX', text: 'BX' },
      ],
    },
    mark: { kind: 'text', label: 'Belt size', most: 12, hint: 'A48, BX60, 4L500' },
    motorRpm: { kind: 'number', label: 'Motor', unit: 'rpm', min: 300, max: 3600, optional: true },
  },
  hides: (raw) => (raw.by === 'belt' ? ['centresIn', 'section'] : ['mark']),
  solve(v) {
    const large = Math.max(v.onePitchIn, v.otherPitchIn);
    const small = Math.min(v.onePitchIn, v.otherPitchIn);
    const about = (centres: number): ToolLine[] => [
      { label: 'small sheave wrap', value: wrapDeg(centres, large, small), unit: 'degrees', source: 'computed' },
      ...(v.motorRpm === undefined
        ? []
        : [
            {
              label: 'belt speed',
              value: beltSpeedFpm(v.onePitchIn, v.motorRpm),
              unit: 'fpm',
              source: 'computed',
            } as const,
          ]),
    ];
    const notes = (centres: number) =>
      wrapDeg(centres, large, small) < LEAST_WRAP_DEG
        ? [`Under ${LEAST_WRAP_DEG}° of wrap the belt slips. Use more center distance, or sheaves closer in size.`]
        : [];
    const formula = 'L = 2C + π/2 × (D + d) + (D − d)² ÷ 4C';
    if (v.by === 'belt') {
      const belt = readBeltMark(v.mark);
      if (!belt)
        return refuse('mark', 'Huff does not know this belt size. Type it like A48, AX48, B60, BX60, 4L500 or 5L630.');
      const centres = centresIn(belt.pitchIn, large, small);
      if (centres === undefined) return refuse('mark', `Belt ${belt.mark} is too short for both sheaves.`);
      return {
        ok: true,
        headline: { label: `centers with ${belt.mark}`, value: centres, unit: 'in', source: 'computed' },
        lines: [{ label: 'pitch length', value: belt.pitchIn, unit: 'in', source: 'makersTable' }, ...about(centres)],
        formula,
        notes: notes(centres),
      };
    }
    if (v.centresIn <= (large + small) / 2)
      return refuse('centresIn', 'At this center distance the sheaves would touch.');
    const length = beltPitchLengthIn(v.centresIn, large, small);
    const nearest = standardBelts(v.section).reduce((a, b) =>
      Math.abs(b.pitchIn - length) < Math.abs(a.pitchIn - length) ? b : a,
    );
    const centres = centresIn(nearest.pitchIn, large, small);
    if (centres === undefined || Math.abs(nearest.pitchIn - length) > 6)
      return refuse('centresIn', `No ${v.section} belt near ${shownWords(length, 'in', 1)} is available.`);
    return {
      ok: true,
      headline: { label: 'pitch length', value: length, unit: 'in', source: 'computed' },
      lines: [
        {
          label: `belt ${nearest.mark}, pitch length`,
          value: nearest.pitchIn,
          unit: 'in',
          source: 'makersTable',
        },
        { label: `centers with ${nearest.mark}`, value: centres, unit: 'in', source: 'computed' },
        ...about(centres),
      ],
      formula,
      notes: notes(centres),
    };
  },
});
