import { View } from 'react-native';
import { Page, TextLink } from '../ui/page';
import { Txt } from '../ui/text';

export default function NotFound() {
  return (
    <Page title="No such page">
      <View style={{ padding: 16, gap: 12 }}>
        <Txt>This address leads nowhere in Huff.</Txt>
        <TextLink href="/">Go to today</TextLink>
      </View>
    </Page>
  );
}
