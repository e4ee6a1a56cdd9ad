import { View } from 'react-native';
import { isSecure } from '../../data/session';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** Said where the browser holds back what needs a secure address. */
export function SecureNotice() {
  const palette = usePalette();
  if (isSecure()) return null;
  return (
    <View role="alert" style={{ backgroundColor: palette.outside, borderRadius: 6, padding: 12, gap: 4 }}>
      <Txt bold>This address is not secure.</Txt>
      <Txt>
        Offline work and the camera are off here. Open Huff at its https address; the shop’s computer shows it as a
        code.
      </Txt>
    </View>
  );
}
