import { Link } from 'expo-router';
import { View } from 'react-native';
import { Page } from '../ui/page';
import { Txt } from '../ui/text';

export default function NotFound() {
  return (
    <Page title="No such page">
      <View style={{ padding: 16, gap: 12 }}>
        <Txt>This address leads nowhere in Huff.</Txt>
        <Link href="/">
          <Txt bold color="action">
            Go to today
          </Txt>
        </Link>
      </View>
    </Page>
  );
}
