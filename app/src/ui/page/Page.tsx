import { router } from 'expo-router';
import { memo, type ReactNode } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { Icon, IconAction } from '../icons';
import { Heading, Txt } from '../text';
import { useIsWide, usePalette, useTheme } from '../theme';
import { PAGE_WIDTH } from './PageFoot';

interface PageProps {
  readonly title: string;
  readonly under?: string;
  /** A touch on the title and the line under it. */
  readonly underAction?: { readonly label: string; readonly onPress: () => void };
  /** Where the arrow leads; none on a place's first page. */
  readonly back?: string;
  readonly actions?: ReactNode;
  /** Stays in the lowest part of the screen, in reach of the thumb. */
  readonly foot?: ReactNode;
  readonly children: ReactNode;
  /** Uses the width of a wide screen for two columns. */
  readonly broad?: boolean;
  /** The page lays out and scrolls its own panes. */
  readonly panes?: boolean;
}

/** A page's head, its scrolling middle, and its foot. */
export function Page({ foot, panes, broad, children, ...head }: PageProps) {
  const palette = usePalette();
  const wide = useIsWide();
  return (
    <View role="main" style={{ flex: 1, backgroundColor: palette.paper }}>
      <PageHead {...head} />
      {panes ? (
        <View style={{ flex: 1, flexDirection: 'row' }}>{children}</View>
      ) : (
        <ScrollView
          style={{ flex: 1 }}
          contentContainerStyle={[
            { paddingBottom: 24 },
            wide && { maxWidth: broad ? PAGE_WIDTH.broad : PAGE_WIDTH.single },
          ]}
        >
          {children}
        </ScrollView>
      )}
      {foot}
    </View>
  );
}

/** Title, way back and theme switch; drawn anew only when one of them changes. */
const PageHead = memo(function PageHead({
  title,
  under,
  underAction,
  back,
  actions,
}: Pick<PageProps, 'title' | 'under' | 'underAction' | 'back' | 'actions'>) {
  const palette = usePalette();
  const { switchTheme } = useTheme();
  const other = palette.name === 'attic' ? 'daylight' : 'attic';
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        paddingLeft: back ? 4 : 16,
        paddingRight: 4,
        minHeight: 60,
      }}
    >
      {back && (
        <IconAction icon="arrow-left" accessibilityLabel="Back" size={26} onPress={() => router.replace(back)} />
      )}
      <View style={{ flex: 1, paddingVertical: 6 }}>
        <Heading level={1} size={20} numberOfLines={1}>
          {title}
        </Heading>
        {under !== undefined &&
          (underAction ? (
            <Pressable
              role="button"
              aria-label={underAction.label}
              onPress={underAction.onPress}
              // The title above belongs to what is touched: a glove needs 48 px.
              style={{
                flexDirection: 'row',
                alignItems: 'flex-end',
                gap: 6,
                minHeight: 48,
                marginTop: -24,
                paddingBottom: 3,
              }}
            >
              <Txt size={14} bold color="action" numberOfLines={1} style={{ flexShrink: 1 }}>
                {under}
              </Txt>
              <Icon name="pencil-outline" size={16} color={palette.action} />
            </Pressable>
          ) : (
            <Txt size={14} color="softInk" numberOfLines={1}>
              {under}
            </Txt>
          ))}
      </View>
      {actions}
      <IconAction
        icon="theme-light-dark"
        accessibilityLabel={`Switch to the ${other} theme`}
        size={24}
        onPress={switchTheme}
      />
    </View>
  );
});
