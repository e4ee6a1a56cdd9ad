import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { View } from 'react-native';
import { TextButton } from '../page';
import { Txt } from '../text';

interface GuardProps {
  /** What stands in it, as a sentence begins with it: "This visit". */
  readonly what: string;
  /** When one of these is another, it is tried anew. */
  readonly on?: readonly unknown[];
  readonly children: ReactNode;
}

/** What cannot be drawn says so in its own place; the rest of the page stands, and nothing that was read is lost. */
export function Guard({ what, on = [], children }: GuardProps) {
  return (
    <ErrorBoundary
      resetKeys={[...on]}
      onError={(error) => console.error(`${what} could not be shown:`, error)}
      fallbackRender={({ resetErrorBoundary }) => (
        <View role="alert" style={{ padding: 12, gap: 4 }}>
          <Txt bold>{what} could not be shown.</Txt>
          <Txt color="softInk">No readings are lost. The rest of Huff works; an update may fix this.</Txt>
          <TextButton onPress={resetErrorBoundary}>Try again</TextButton>
        </View>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}
