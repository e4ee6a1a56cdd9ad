import { alignmentIn, deflectionIn, deflectionLb, fittingRoomIn, spanIn } from '../../air/drive';
import { defineTool, refuse } from '../../base/forms/tool';

const forceText = (section: 'A' | 'B', smallPitchIn: number) => {
  const { runIn, asNew } = deflectionLb(section, smallPitchIn);
  return `${runIn} lb run in, ${asNew} new`;
};

/** How far to press a belt. @example centres 16.46 in., 3.30 and 7.00 in. → span 16.36 in., press 0.26 in. */
export const beltTensionTool = defineTool({
  id: 'beltTension',
  name: 'Belt tension',
  group: 'Drive',
  says: 'Free span, deflection at mid-span and sheave alignment.',
  care: 'Lock out. Use the belt manufacturer’s force. Check again after run-in.',
  fields: {
    centresIn: { kind: 'number', label: 'Center distance', unit: 'in', min: 3, max: 120 },
    onePitchIn: { kind: 'number', label: 'Motor pitch diameter', unit: 'in', min: 1, max: 60 },
    otherPitchIn: { kind: 'number', label: 'Blower pitch diameter', unit: 'in', min: 1, max: 60 },
  },
  solve({ centresIn, onePitchIn, otherPitchIn }) {
    if (centresIn <= (onePitchIn + otherPitchIn) / 2)
      return refuse('centresIn', 'At this center distance the sheaves would touch.');
    const small = Math.min(onePitchIn, otherPitchIn);
    const span = spanIn(centresIn, onePitchIn, otherPitchIn);
    return {
      ok: true,
      headline: { label: 'deflection at mid-span', value: deflectionIn(span), unit: 'in', source: 'ruleOfThumb' },
      lines: [
        { label: 'free span', value: span, unit: 'in', source: 'computed' },
        { label: 'misalignment, max', value: alignmentIn(centresIn), unit: 'in', source: 'ruleOfThumb' },
        { label: 'installation travel', value: fittingRoomIn('A'), unit: 'in', source: 'ruleOfThumb' },
      ],
      formula: 'span = √(C² − ((D − d) ÷ 2)²); deflect 1/64 in. per inch of span; align within 1/10 in. per foot',
      notes: [
        `Force there: A belt ${forceText('A', small)}, B belt ${forceText('B', small)}. The belt manufacturer’s figure comes first.`,
        'Too tight wears bearings; too slack slips. A belt that is hot after a minute is slipping.',
      ],
    };
  },
});
