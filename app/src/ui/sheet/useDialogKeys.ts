import { createFocusTrap } from 'focus-trap';
import { useEffect, useRef, type RefObject } from 'react';
import { Platform, type View } from 'react-native';

/**
 * What a dialog owes those who use a keyboard: the focus goes into it when it is drawn and back when it goes, Tab
 * stays inside, Escape closes it. Of several dialogs on each other the topmost has the keyboard.
 */
export function useDialogKeys(onClose: () => void): RefObject<View | null> {
  const dialog = useRef<View>(null);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    if (Platform.OS !== 'web') return undefined;
    const element = dialog.current as unknown as HTMLElement;
    const trap = createFocusTrap(element, {
      initialFocus: element,
      fallbackFocus: element,
      preventScroll: true,
      // A touch on the scrim is the dialog's own matter.
      allowOutsideClick: true,
      delayInitialFocus: false,
      escapeDeactivates: () => {
        close.current();
        return false;
      },
    });
    trap.activate();
    return () => void trap.deactivate();
  }, []);
  return dialog;
}
