import { boundaryPorts, type PortId } from '@huff/core';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { ProofOfVisit } from './useProof';

interface ProveFootProps {
  readonly proven?: ProofOfVisit;
  /** How the unit stands with its record: nothing to keep it on, to be kept, kept. */
  readonly keeping: 'noUnit' | 'toKeep' | 'kept';
  readonly onPort: (port: PortId) => void;
  readonly onKeep: () => void;
  readonly onFix: () => void;
  /** Absent when the visit is saved already. */
  readonly onSave?: () => void;
}

/** The one next thing while proving: the port to read again, then keeping what was proven. */
export function VerifyFoot({ proven, keeping, onPort, onKeep, onFix, onSave }: ProveFootProps) {
  const palette = usePalette();
  const lacking = proven ? sorted(proven) : [];
  const next = lacking[0];
  const body = () => {
    if (!proven) return <ActionButton onPress={onFix}>Go to Fix</ActionButton>;
    if (next)
      return (
        <ActionButton
          onPress={() => onPort(next)}
          aside={lacking.length > 1 ? `${lacking.length} to read` : 'the last one'}
        >
          {`Read ${next} again`}
        </ActionButton>
      );
    if (keeping !== 'toKeep')
      return (
        <View style={{ gap: 8 }}>
          <Txt bold={keeping === 'kept'} color={keeping === 'kept' ? 'ink' : 'softInk'}>
            {keeping === 'kept'
              ? 'Saved to the unit: speed, drive and air path as verified.'
              : 'Verified. This check has no unit, so there is no record to save it to.'}
          </Txt>
          {onSave && <ActionButton onPress={onSave}>Save this visit</ActionButton>}
        </View>
      );
    return (
      <ActionButton onPress={onKeep} disabled={!proven.proof.proven}>
        Save to unit
      </ActionButton>
    );
  };
  return (
    <View
      style={{
        paddingHorizontal: 16,
        paddingVertical: 10,
        borderTopWidth: 1.5,
        borderColor: palette.ink,
        backgroundColor: palette.paper,
      }}
    >
      {body()}
    </View>
  );
}

/** Ports to read again, those of the external static first. */
function sorted({ proof, after }: ProofOfVisit): PortId[] {
  const first = new Set<string>(boundaryPorts(after.layout));
  return [...proof.lacking].sort((a, b) => Number(first.has(b)) - Number(first.has(a)));
}
