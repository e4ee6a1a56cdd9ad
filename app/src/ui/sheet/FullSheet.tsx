import type { ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Modal, Portal } from 'react-native-paper';
import { IconAction } from '../icons';
import { Heading, Txt } from '../text';
import { useIsWide, usePalette } from '../theme';
import { useDialogKeys } from './useDialogKeys';

interface FullSheetProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly title: string;
  readonly under?: string;
  readonly actions?: ReactNode;
  /** Stays in the lowest part, in reach of the thumb. */
  readonly foot?: ReactNode;
  /** How wide it is on a wide screen, px. */
  readonly width?: number;
  /** It scrolls its own parts. */
  readonly panes?: boolean;
  readonly children: ReactNode;
}

/** Takes the whole phone; on a wide screen a tall sheet in the middle. What it shows is worked on at length. */
export function FullSheet({ open, width = 520, ...rest }: FullSheetProps) {
  const palette = usePalette();
  const wide = useIsWide();
  const window = useWindowDimensions();
  if (!open) return null;
  const height = wide ? Math.min(window.height - 48, 900) : window.height;
  return (
    <Portal>
      <Modal
        visible
        onDismiss={rest.onClose}
        theme={{ colors: { backdrop: palette.scrim } }}
        style={{ justifyContent: 'center', marginBottom: 0, marginTop: 0 }}
        contentContainerStyle={{
          backgroundColor: palette.paper,
          borderRadius: wide ? 14 : 0,
          height,
          width: wide ? Math.min(width, window.width - 48) : '100%',
          alignSelf: 'center',
          overflow: 'hidden',
        }}
      >
        <Body {...rest} height={height} />
      </Modal>
    </Portal>
  );
}

/** Mounted while the sheet is open. */
function Body({
  onClose,
  title,
  under,
  actions,
  foot,
  panes,
  height,
  children,
}: Omit<FullSheetProps, 'open' | 'width'> & { readonly height: number }) {
  const dialog = useDialogKeys(onClose);
  return (
    <View ref={dialog} role="dialog" aria-label={title} aria-modal tabIndex={-1} style={{ height, outlineWidth: 0 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', minHeight: 60, paddingLeft: 4, paddingRight: 8 }}>
        <IconAction icon="arrow-left" accessibilityLabel="Back" size={26} onPress={onClose} />
        <View style={{ flex: 1, paddingVertical: 6 }}>
          <Heading size={20} numberOfLines={1}>
            {title}
          </Heading>
          {under !== undefined && (
            <Txt size={14} color="softInk" numberOfLines={2}>
              {under}
            </Txt>
          )}
        </View>
        {actions}
      </View>
      {panes ? (
        <View style={{ flex: 1 }}>{children}</View>
      ) : (
        <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 16, paddingTop: 4, gap: 12 }}>
          {children}
        </ScrollView>
      )}
      {foot}
    </View>
  );
}
