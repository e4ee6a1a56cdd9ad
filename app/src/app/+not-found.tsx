import { View } from 'react-native';
import { Page, TextLink } from '../ui/page';
import { Txt } from '../ui/text';

export default function NotFound() {
  return (
    <Page title="No such page">
      <View style={{ padding: 16, gap: 12 }}>
        <Txt>There is no Huff page at this address.</Txt>
        <TextLink href="/">Go to Today</TextLink>
      </View>
    </Page>
  );
}
