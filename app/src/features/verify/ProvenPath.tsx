import type { DecidedPlan } from '@huff/contract';
import { dropAt, staticText, toolText, type Section, stagesText } from '@huff/core';
import { View } from 'react-native';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { ProofOfVisit } from './useProof';

/** The path measured anew, at the airflow of now: what the unit's model becomes. */
export function ProvenPath({ plan, proven }: { readonly plan: DecidedPlan; readonly proven: ProofOfVisit }) {
  const palette = usePalette();
  const found = proven.proof.proven;
  if (!found) return null;
  const key = (section: Section) => section.stages.join('+');
  const was = new Map(plan.record.from.system.path.map((section) => [key(section), section]));
  return (
    <View>
      <Heading size={16}>Air path as verified</Heading>
      <Txt size={14} color="softInk" figures>
        Pressure drop of each part at {toolText(found.flowCfm, 'cfm')}. Kept on the unit for the next visit.
      </Txt>
      {found.system.path.map((section) => {
        const old = was.get(key(section));
        return (
          <View
            key={key(section)}
            style={{ flexDirection: 'row', gap: 10, borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8 }}
          >
            <Txt style={{ flex: 1 }}>{stagesText(section.stages)}</Txt>
            <Txt color="softInk" figures>
              {old ? staticText(dropAt(old.resistance, found.flowCfm)) : ''}
            </Txt>
            <Txt bold figures align="right" style={{ minWidth: 48 }}>
              {staticText(dropAt(section.resistance, found.flowCfm))}
            </Txt>
          </View>
        );
      })}
    </View>
  );
}
