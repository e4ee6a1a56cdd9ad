import { Link, usePathname } from 'expo-router';
import { View } from 'react-native';
import { Txt } from '../text';
import { useIsWide, usePalette } from '../theme';

const PLACES = [
  {
    href: '/',
    name: 'Today',
    owns: (path: string) =>
      ['/', '/quick', '/waiting', '/schedule'].includes(path) ||
      path.startsWith('/visits') ||
      path.startsWith('/practice'),
  },
  { href: '/sites', name: 'Sites', owns: (path: string) => path.startsWith('/sites') || path.startsWith('/units') },
  { href: '/calculators', name: 'Calculators', owns: (path: string) => path.startsWith('/calculators') },
  { href: '/settings', name: 'Settings', owns: (path: string) => path.startsWith('/settings') || path === '/guide' },
] as const;

/** Within a visit the drawing needs the room of the phone: the bar gives way, back leads out. */
const givesWay = (path: string) => path === '/quick' || path.startsWith('/visits/') || path === '/settings/tables/type';

/** The places: a bottom bar on the phone, a left rail on a wide screen. */
export function PlacesBar() {
  const palette = usePalette();
  const wide = useIsWide();
  const path = usePathname();
  if (!wide && givesWay(path)) return null;
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={[
        { backgroundColor: palette.paper, borderColor: palette.line },
        wide
          ? { width: 96, borderRightWidth: 1, paddingTop: 24, gap: 4 }
          : { flexDirection: 'row', borderTopWidth: 1, height: 52 },
      ]}
    >
      {wide && (
        <Txt bold size={22} align="center" style={{ marginBottom: 20 }}>
          huff
        </Txt>
      )}
      {PLACES.map(({ href, name, owns }) => {
        const here = owns(path);
        return (
          <Link
            key={href}
            href={href}
            aria-current={here ? 'page' : undefined}
            style={[
              {
                minHeight: 52,
                alignItems: 'center',
                justifyContent: 'center',
                display: 'flex',
                textDecorationLine: 'none',
              },
              !wide && { flex: 1 },
            ]}
          >
            <Txt size={14} bold={here} color={here ? 'ink' : 'softInk'}>
              {name}
            </Txt>
          </Link>
        );
      })}
    </View>
  );
}
