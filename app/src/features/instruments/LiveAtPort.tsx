import { staticText, type PortId } from '@huff/core';
import { View } from 'react-native';
import { useProbeAt } from '../../data/bridge/bridge';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { SettlingRing } from './SettlingRing';

/** The live value of the probe at a port, on the drawing; nothing where none sits. */
export function LiveAtPort({ port }: { readonly port: PortId }) {
  const palette = usePalette();
  const probe = useProbeAt(port);
  if (!probe) return null;
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'center',
        gap: 4,
        alignSelf: 'center',
        paddingHorizontal: 4,
        borderRadius: 6,
        backgroundColor: palette.paper,
      }}
    >
      <SettlingRing probe={probe} size={14} />
      <Txt size={15} bold figures color={probe.isQuiet ? 'softInk' : 'action'}>
        {staticText(probe.value)}
      </Txt>
    </View>
  );
}
