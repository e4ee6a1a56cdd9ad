import { router } from 'expo-router';
import { useEffect, useState, type ComponentType } from 'react';
import { Platform } from 'react-native';
import { isFree, lettersLead, PLACE_KEYS } from './keys';

/** The keys that work everywhere, and `?`, which lists them. @param list comes with the other pages */
export function Shortcuts({ list: List }: { readonly list: ComponentType<{ readonly onClose: () => void }> }) {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    if (Platform.OS !== 'web') return undefined;
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || !isFree(event.target)) return;
      const place = lettersLead() ? PLACE_KEYS.find(({ key }) => key === event.key) : undefined;
      if (place) router.push(place.href);
      else if (event.key === '/') router.push('/sites?find=1');
      else if (event.key === '?') setOpen(true);
      else return;
      event.preventDefault();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, []);
  return open ? <List onClose={() => setOpen(false)} /> : null;
}
