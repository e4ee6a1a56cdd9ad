import { useState } from 'react';
import { Image, View } from 'react-native';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { chooseImage } from '../photos/takePhoto';

interface LogoRowProps {
  /** JPEG in base64. */
  readonly logo?: string;
  readonly onLogo: (logo: string | null) => void;
}

/** The logo at the head of the customer's page, on paper as it is printed. */
export function LogoRow({ logo, onLogo }: LogoRowProps) {
  const palette = usePalette();
  const [fault, setFault] = useState<string>();
  const choose = () =>
    chooseImage(({ smallJpeg }) => {
      setFault(undefined);
      onLogo(smallJpeg);
    }, setFault);
  return (
    <View style={{ borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8, gap: 4 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <Txt style={{ flex: 1 }}>Logo</Txt>
        {logo !== undefined && (
          <Image
            source={{ uri: `data:image/jpeg;base64,${logo}` }}
            accessibilityLabel="Shop logo"
            resizeMode="contain"
            style={{ width: 96, height: 48, backgroundColor: '#FFFFFF', borderRadius: 4 }}
          />
        )}
        <TextButton onPress={choose}>{logo === undefined ? 'Add logo' : 'Change logo'}</TextButton>
        {logo !== undefined && <TextButton onPress={() => onLogo(null)}>Remove logo</TextButton>}
      </View>
      {fault !== undefined && (
        <Txt role="alert" size={14}>
          {fault}
        </Txt>
      )}
    </View>
  );
}
