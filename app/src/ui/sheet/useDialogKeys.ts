import { useEffect, useRef, type RefObject } from 'react';
import { Platform, type View } from 'react-native';

const REACHED_BY_TAB = 'button, a[href], input, textarea, select, [tabindex="0"]';

/** Keeps Tab inside the dialog, from its last part on to its first and back. */
function stayInside(dialog: HTMLElement, event: KeyboardEvent): void {
  const parts = [...dialog.querySelectorAll<HTMLElement>(REACHED_BY_TAB)].filter((part) => part.offsetParent !== null);
  const first = parts[0];
  const last = parts.at(-1);
  const here = document.activeElement;
  if (!first || !last) return;
  const leaves = event.shiftKey ? here === first || here === dialog : here === last;
  if (!leaves && dialog.contains(here)) return;
  event.preventDefault();
  (event.shiftKey ? last : first).focus();
}

/**
 * What a dialog owes those who use a keyboard: the focus goes into it when it is drawn and back when it goes, Tab
 * stays inside, Escape closes it.
 */
export function useDialogKeys(onClose: () => void): RefObject<View | null> {
  const dialog = useRef<View>(null);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    if (Platform.OS !== 'web') return undefined;
    const before = document.activeElement;
    const element = dialog.current as unknown as HTMLElement;
    element.focus();
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape') close.current();
      else if (event.key === 'Tab') stayInside(element, event);
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
      // After the frame: moving the focus makes the browser lay the page out at once.
      if (before instanceof HTMLElement) setTimeout(() => before.focus({ preventScroll: true }));
    };
  }, []);
  return dialog;
}
