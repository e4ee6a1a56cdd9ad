import { Redirect, usePathname } from 'expo-router';
import { View } from 'react-native';
import { addressNow } from '../features/earlierAddress';
import { Page, TextLink } from '../ui/page';
import { Txt } from '../ui/text';

export default function NotFound() {
  const now = addressNow(usePathname());
  // What the address carried goes along: the figures of a calculation.
  if (now !== undefined) return <Redirect href={`${now}${globalThis.location?.search ?? ''}` as never} />;
  return (
    <Page title="No such page">
      <View style={{ padding: 16, gap: 12 }}>
        <Txt>There is no Huff page at this address.</Txt>
        <TextLink href="/">Go to Today</TextLink>
      </View>
    </Page>
  );
}
