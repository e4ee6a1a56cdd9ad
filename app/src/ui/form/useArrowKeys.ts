import { useEffect, useRef, type RefObject } from 'react';
import { Platform, type View } from 'react-native';

const STEP: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** What a group of radio buttons owes a keyboard: arrows go to the next of them and choose it. */
export function useArrowKeys(onChoose: (index: number) => void): RefObject<View | null> {
  const group = useRef<View>(null);
  const now = useRef(onChoose);
  useEffect(() => {
    now.current = onChoose;
  });
  useEffect(() => {
    if (Platform.OS !== 'web') return undefined;
    const element = group.current as unknown as HTMLElement;
    const onKey = (event: KeyboardEvent) => {
      const step = STEP[event.key];
      if (step === undefined) return;
      const radios = [...element.querySelectorAll<HTMLElement>('[role="radio"]')];
      const here = radios.indexOf(document.activeElement as HTMLElement);
      if (here < 0) return;
      event.preventDefault();
      const next = (here + step + radios.length) % radios.length;
      radios[next]?.focus();
      now.current(next);
    };
    element.addEventListener('keydown', onKey);
    return () => element.removeEventListener('keydown', onKey);
  }, []);
  return group;
}
