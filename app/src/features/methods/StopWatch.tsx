import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';

interface StopWatchProps {
  readonly open: boolean;
  /** What is being clocked, in a sentence. */
  readonly says: string;
  readonly onStop: (seconds: number) => void;
  /** The time is typed instead. */
  readonly onType: () => void;
  readonly onClose: () => void;
}

/** Clocking a dial by the watch: start as the hand passes, stop as it comes round. */
export function StopWatch(props: StopWatchProps) {
  return (
    <Sheet open={props.open} onClose={props.onClose} title="Time it">
      {props.open && <Running {...props} />}
    </Sheet>
  );
}

function Running({ says, onStop, onType }: StopWatchProps) {
  const [startedAt, setStartedAt] = useState<number>();
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (startedAt === undefined) return undefined;
    const timer = setInterval(() => setNow(performance.now()), 100);
    return () => clearInterval(timer);
  }, [startedAt]);
  const seconds = startedAt === undefined ? 0 : Math.max(0, (now - startedAt) / 1000);
  const stop = () => onStop(Number(((performance.now() - startedAt!) / 1000).toFixed(1)));
  const start = () => {
    const from = performance.now();
    setNow(from);
    setStartedAt(from);
  };
  return (
    <View style={{ gap: 14 }}>
      <Txt size={15}>{says}</Txt>
      <Txt size={64} bold figures align="center" role="timer" style={{ lineHeight: 76 }}>
        {seconds.toFixed(1)}
      </Txt>
      {startedAt === undefined ? (
        <ActionButton onPress={start}>Start timer</ActionButton>
      ) : (
        <ActionButton onPress={stop}>Stop timer</ActionButton>
      )}
      <ActionButton quiet onPress={onType}>
        Enter seconds
      </ActionButton>
    </View>
  );
}
