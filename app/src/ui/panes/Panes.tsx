import { useRef, useState, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { usePalette } from '../theme';
import { fitted, LEAST_PANE } from './paneWidths';

interface PanesProps {
  /** Under which the widths are kept on this machine. */
  readonly name: string;
  /** Of all panes but the last, which takes the rest, px. */
  readonly begin: readonly number[];
  readonly panes: readonly { readonly label: string; readonly content: ReactNode; readonly scrolls?: boolean }[];
}

const keyOf = (name: string) => `huff.panes.${name}`;

function keptWidths(name: string, begin: readonly number[]): readonly number[] {
  try {
    const kept = JSON.parse(globalThis.localStorage?.getItem(keyOf(name)) ?? 'null') as unknown;
    if (Array.isArray(kept) && kept.length === begin.length && kept.every((one) => Number.isFinite(one)))
      return kept as number[];
  } catch {
    // What was kept cannot be read: it begins anew.
  }
  return begin;
}

/** Panes beside each other, each as wide as it was drawn to be. A bar between two is drawn with the pointer, or moved with the arrows. */
export function Panes({ name, begin, panes }: PanesProps) {
  const palette = usePalette();
  const [asked, setAsked] = useState(() => keptWidths(name, begin));
  const [width, setWidth] = useState(0);
  const widths = fitted(asked, width);
  const set = (i: number, to: number) => {
    const next = widths.map((one, j) => (j === i ? Math.max(LEAST_PANE, to) : one));
    setAsked(next);
    globalThis.localStorage?.setItem(keyOf(name), JSON.stringify(next));
  };
  return (
    <View
      style={{ flex: 1, flexDirection: 'row' }}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      testID="panes"
    >
      {width > 0 &&
        panes.map(({ label, content, scrolls = true }, i) => {
          const own = widths[i];
          return (
            <View key={label} style={[{ flexDirection: 'row' }, own === undefined ? { flex: 1 } : { width: own }]}>
              <View role="region" aria-label={label} style={{ flex: 1, minWidth: 0 }}>
                {scrolls ? (
                  <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 16, paddingTop: 4 }}>
                    {content}
                  </ScrollView>
                ) : (
                  content
                )}
              </View>
              {own !== undefined && (
                <Bar label={`Width of ${label}`} width={own} color={palette.line} onWidth={(to) => set(i, to)} />
              )}
            </View>
          );
        })}
    </View>
  );
}

/** What an arrow key moves, px. */
const STEP = 24;

interface BarProps {
  readonly label: string;
  readonly width: number;
  readonly color: string;
  readonly onWidth: (width: number) => void;
}

function Bar({ label, width, color, onWidth }: BarProps) {
  const begun = useRef({ at: 0, width });
  const keys: object = {
    onKeyDown: (event: { readonly key: string; preventDefault: () => void }) => {
      const move = { ArrowLeft: -STEP, ArrowRight: STEP }[event.key];
      if (move === undefined) return;
      event.preventDefault();
      onWidth(width + move);
    },
  };
  return (
    <View
      role="separator"
      aria-label={label}
      aria-orientation="vertical"
      aria-valuenow={width}
      aria-valuemin={LEAST_PANE}
      tabIndex={0}
      {...keys}
      onStartShouldSetResponder={() => true}
      onMoveShouldSetResponder={() => true}
      onResponderTerminationRequest={() => false}
      onResponderGrant={({ nativeEvent }) => {
        begun.current = { at: nativeEvent.pageX, width };
      }}
      onResponderMove={({ nativeEvent }) => onWidth(begun.current.width + nativeEvent.pageX - begun.current.at)}
      // @ts-expect-error the web has a pointer that says what it can do
      style={{ width: 9, alignItems: 'center', cursor: 'col-resize' }}
    >
      <View style={{ width: 1, flex: 1, backgroundColor: color }} />
    </View>
  );
}
