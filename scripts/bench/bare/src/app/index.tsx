import { Button, PaperProvider, Text } from 'react-native-paper';

/** The yardstick for the size of Huff's first screen: Expo Router and React Native Paper, and nothing of ours. */
export default function Bare() {
  return (
    <PaperProvider>
      <Text>Bare</Text>
      <Button mode="contained">Nothing</Button>
    </PaperProvider>
  );
}
