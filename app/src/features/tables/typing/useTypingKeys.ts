import { useCallback, useEffect, useRef } from 'react';
import { Platform } from 'react-native';
import { LEFT_OUT, nextPlace, withCell, withRow, withStatic, type Layer, type Place, type TableDraft } from './draft';
import type { TableKey } from './TableKeys';

interface Typing {
  readonly draft: TableDraft;
  readonly layer: Layer;
  readonly at: Place;
  readonly onDraft: (change: (draft: TableDraft) => TableDraft) => void;
  readonly onPlace: (place: Place) => void;
  /** A sheet is open over the table: the keyboard is its. */
  readonly isHeld: boolean;
}

const LONGEST = 6;
/** What the grid is called, for those who hear it. */
export const GRID_LABEL = 'Cells of the table';

/** Where an arrow key goes. */
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** A cell's text with one more digit or point. */
const typed = (pressed: string) => (text: string) => {
  const before = text === LEFT_OUT ? '' : text;
  if (before.length >= LONGEST || (pressed === '.' && before.includes('.'))) return before;
  return before + pressed;
};

/** Whether something was touched in a sheet over the table: the keyboard is that sheet's. */
function isOverTable(target: EventTarget | null): boolean {
  const dialogOf = (element: Element | null | undefined) => element?.closest('[role="dialog"]') ?? undefined;
  const own = dialogOf(document.querySelector(`[aria-label="${GRID_LABEL}"]`));
  const touched = target instanceof Element ? dialogOf(target) : undefined;
  return touched !== undefined && touched !== own;
}

/** The keypad's keys and the keyboard's, in the cell that is typed in. @returns what a key of the keypad does; it stays the same */
export function useTypingKeys(typing: Typing): (pressed: TableKey) => void {
  const { draft, layer, at, onDraft, onPlace, isHeld } = typing;
  // What a key works on is read when it is pressed, so that the keypad is never drawn anew.
  const now = useRef({ at, draft, layer });
  useEffect(() => {
    now.current = { at, draft, layer };
  });
  const key = useCallback(
    (pressed: TableKey) => {
      const here = now.current;
      const put = (change: (text: string) => string) =>
        onDraft((before) => withCell(before, here.layer, here.at, change));
      const goOn = () => {
        const next = nextPlace(here.draft, here.at);
        if (next) onPlace(next);
      };
      switch (pressed) {
        case 'clear':
          return put(() => '');
        case 'blank':
          put(() => LEFT_OUT);
          return goOn();
        case 'next':
          return goOn();
        case 'nextRow':
          if (here.at.row + 1 < here.draft.rows.length) onPlace({ row: here.at.row + 1, column: 0 });
          return;
        case 'static':
          return onDraft(withStatic);
        case 'row':
          return onDraft(withRow);
        default:
          return put(typed(pressed));
      }
    },
    [onDraft, onPlace],
  );
  useEffect(() => {
    if (Platform.OS !== 'web') return undefined;
    const onKey = (event: KeyboardEvent) => {
      const { target } = event;
      if (event.ctrlKey || event.metaKey || event.altKey || isHeld) return;
      if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) return;
      if (isOverTable(target)) return;
      const arrow = ARROWS[event.key];
      const onButton = target instanceof HTMLElement && target.getAttribute('role') === 'button';
      if (arrow) {
        const [down, right] = arrow;
        const next = { row: at.row + down, column: at.column + right };
        if (draft.rows[next.row]?.cells[next.column] !== undefined) onPlace(next);
      } else if (/^\d$/.test(event.key) || (event.key === '.' && layer === 'bhp')) key(event.key as TableKey);
      else if (event.key === '-') key('blank');
      else if (event.key === 'Backspace') onDraft((before) => withCell(before, layer, at, (text) => text.slice(0, -1)));
      else if (event.key === 'Delete') key('clear');
      else if (event.key === 'Enter' && !onButton) key('next');
      else return;
      event.preventDefault();
      // The cell that has the focus would take Enter for a touch on itself.
      event.stopPropagation();
    };
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  });
  return key;
}

/** The focus follows the cell that is typed in, for whoever hears it. */
export function useFocusAt(at: Place): void {
  useEffect(() => {
    if (Platform.OS !== 'web') return;
    if (document.activeElement?.getAttribute('role') === 'cell')
      document.querySelector<HTMLElement>('[role="cell"][aria-current="true"]')?.focus();
  }, [at]);
}
