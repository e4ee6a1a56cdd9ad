import { useEffect } from 'react';
import { Pressable, View } from 'react-native';
import { dismissUndo, useUndoable } from '../../data/undo';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** Long enough to be read and reached with gloves on. */
const SHOWN_MS = 8000;

/**
 * What was just changed, and the way to take it back. It stands in the page, under it, and makes the page a little shorter: laid over it, it
 * would lie on the stations or on the next action.
 */
export function UndoBar() {
  const offered = useUndoable();
  const palette = usePalette();
  useEffect(() => {
    if (!offered) return undefined;
    const timer = setTimeout(dismissUndo, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [offered]);
  if (!offered) return null;
  const undo = () => {
    offered.undo();
    dismissUndo();
  };
  return (
    <View
      role="status"
      style={{
        backgroundColor: palette.ink,
        flexDirection: 'row',
        alignItems: 'center',
        paddingHorizontal: 16,
        gap: 16,
      }}
    >
      <Txt size={15} style={{ flex: 1, color: palette.paper }}>
        {offered.words}
      </Txt>
      <Pressable role="button" onPress={undo} style={{ minHeight: 48, minWidth: 64, justifyContent: 'center' }}>
        <Txt bold align="right" style={{ color: palette.paper, textDecorationLine: 'underline' }}>
          Undo
        </Txt>
      </Pressable>
    </View>
  );
}
