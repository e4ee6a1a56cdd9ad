import type { EntryCode } from '@huff/contract';
import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { Txt, momentText } from '../../ui/text';
import { AddressNotice } from './AddressNotice';

/** Cameras find dark modules on a light ground, in either theme. */
const [INK, PAPER] = ['#111111', '#ffffff'];
const SIDE = 224;

/** A code to be scanned by a phone's camera, or typed. */
export function CodeCard({ made, whose }: { readonly made: EntryCode; readonly whose: string }) {
  const { code, link, qr, expiresAt } = made;
  return (
    <View style={{ gap: 8, alignItems: 'flex-start' }} role="status">
      <Svg
        width={SIDE}
        height={SIDE}
        viewBox={`0 0 ${qr.side} ${qr.side}`}
        role="img"
        aria-label={`Code that opens ${link}`}
      >
        <Rect width={qr.side} height={qr.side} fill={PAPER} />
        <Path d={qr.d} fill={INK} />
      </Svg>
      <Txt size={22} bold figures>
        {code}
      </Txt>
      <Txt size={15} color="softInk">
        {`Scan it with the phone’s camera, or open ${link.split('#')[0]!} and type the code. It lets ${whose} in once, until ${momentText(expiresAt)}.`}
      </Txt>
      <AddressNotice what="Codes" />
    </View>
  );
}
