import type { ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Modal, Portal } from 'react-native-paper';
import { IconAction } from '../icons';
import { Heading } from '../text';
import { useIsWide, usePalette } from '../theme';
import { useDialogKeys } from './useDialogKeys';

interface SheetProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly title: string;
  /** The sheet draws its own head. */
  readonly bare?: boolean;
  readonly children: ReactNode;
}

/** Rises from the foot of the phone; beside the page on a wide screen. Escape or a touch outside closes it. */
export function Sheet({ open, ...rest }: SheetProps) {
  const palette = usePalette();
  const wide = useIsWide();
  const { height } = useWindowDimensions();
  // A closed sheet costs nothing: no portal to keep up to date with each reading.
  if (!open) return null;
  return (
    <Portal>
      <Modal
        visible
        onDismiss={rest.onClose}
        theme={{ colors: { backdrop: palette.scrim } }}
        style={{ justifyContent: wide ? 'center' : 'flex-end', marginBottom: 0, marginTop: 0 }}
        contentContainerStyle={{
          backgroundColor: palette.sheet,
          borderTopLeftRadius: 14,
          borderTopRightRadius: 14,
          borderRadius: wide ? 14 : undefined,
          maxHeight: height * 0.92,
          width: wide ? 440 : '100%',
          alignSelf: 'center',
          overflow: 'hidden',
        }}
      >
        <SheetBody {...rest} />
      </Modal>
    </Portal>
  );
}

/** Mounted while the sheet is open. */
function SheetBody({ onClose, title, bare, children }: Omit<SheetProps, 'open'>) {
  const dialog = useDialogKeys(onClose);
  const { height } = useWindowDimensions();
  return (
    <View
      ref={dialog}
      role="dialog"
      aria-label={title}
      aria-modal
      tabIndex={-1}
      style={{ maxHeight: height * 0.92, outlineWidth: 0 }}
    >
      {!bare && (
        <View style={{ flexDirection: 'row', alignItems: 'center', paddingLeft: 20, paddingRight: 6, paddingTop: 8 }}>
          <Heading size={19} style={{ flex: 1 }}>
            {title}
          </Heading>
          <IconAction icon="close" accessibilityLabel="Close" onPress={onClose} />
        </View>
      )}
      <ScrollView contentContainerStyle={bare ? undefined : { paddingHorizontal: 20, paddingBottom: 24 }}>
        {children}
      </ScrollView>
    </View>
  );
}
