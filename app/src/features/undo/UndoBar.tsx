import { Snackbar } from 'react-native-paper';
import { dismissUndo, useUndoable } from '../../data/undo';

/** Long enough to be read and reached with gloves on. */
const SHOWN_MS = 8000;

/** What was just changed, and the way to take it back. */
export function UndoBar() {
  const offered = useUndoable();
  return (
    <Snackbar
      visible={offered !== undefined}
      onDismiss={dismissUndo}
      duration={SHOWN_MS}
      action={{ label: 'Undo', onPress: () => offered?.undo() }}
      // Above: the next action of the page is in its foot, and must stay in reach.
      wrapperStyle={{ top: 60, bottom: 'auto', maxWidth: 760 }}
    >
      {offered?.words ?? ''}
    </Snackbar>
  );
}
