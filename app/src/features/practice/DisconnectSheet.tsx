import type { Cabinet } from '@huff/core/practice';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { drillStore } from './drillStore';

const stateWords = ({ isPowered, isLocked, isVerifiedDead }: Cabinet): string => {
  if (isPowered) return 'The power is on.';
  if (!isLocked) return 'Off, not locked: anybody can switch it on.';
  return isVerifiedDead ? 'Off, locked out, verified dead.' : 'Off and locked out. Not yet verified dead.';
};

/** The disconnect: off, locked out, verified dead, and back. */
export function DisconnectSheet({
  cabinet,
  open,
  onClose,
}: {
  readonly cabinet: Cabinet;
  readonly open: boolean;
  readonly onClose: () => void;
}) {
  const { isPowered, isLocked, isVerifiedDead } = cabinet;
  return (
    <Sheet open={open} onClose={onClose} title="Disconnect">
      <View style={{ gap: 12 }}>
        <Txt role="status">{stateWords(cabinet)}</Txt>
        {isPowered && (
          <ActionButton onPress={() => drillStore.act({ kind: 'power', isOn: false })} aside="1 min">
            Switch off
          </ActionButton>
        )}
        {!isPowered && !isLocked && (
          <>
            <ActionButton onPress={() => drillStore.act({ kind: 'lock', isOn: true })} aside="1 min">
              Lock it out
            </ActionButton>
            <ActionButton quiet onPress={() => drillStore.act({ kind: 'power', isOn: true })} aside="1 min">
              Switch on
            </ActionButton>
          </>
        )}
        {isLocked && !isVerifiedDead && (
          <ActionButton onPress={() => drillStore.act({ kind: 'verifyDead' })} aside="1 min">
            Verify it is dead
          </ActionButton>
        )}
        {isLocked && (
          <ActionButton quiet onPress={() => drillStore.act({ kind: 'lock', isOn: false })} aside="1 min">
            Take the lock off
          </ActionButton>
        )}
        <Txt size={14} color="softInk">
          Practice follows local code and your shop’s lock-out rules. So does every real cabinet.
        </Txt>
      </View>
    </Sheet>
  );
}
