import type { ReactNode } from 'react';
import { Text, type TextProps, type TextStyle } from 'react-native';
import { BOLD, REGULAR, usePalette, type Palette } from '../theme';

type Ink = 'ink' | 'softInk' | 'action' | 'suction' | 'supply' | 'onAction';

export interface TxtProps extends TextProps {
  readonly size?: number;
  readonly bold?: boolean;
  readonly color?: Ink & keyof Palette;
  /** Digits of one width, for figures that stand above each other or change in place. */
  readonly figures?: boolean;
  readonly align?: TextStyle['textAlign'];
  readonly children: ReactNode;
}

/** Text in the app's typeface. */
export function Txt({ size = 16, bold, color = 'ink', figures, align, style, ...rest }: TxtProps) {
  const palette = usePalette();
  return (
    <Text
      {...rest}
      style={[
        {
          fontFamily: bold ? BOLD : REGULAR,
          fontSize: size,
          lineHeight: Math.round(size * 1.3),
          color: palette[color],
          textAlign: align,
        },
        figures && { fontVariant: ['tabular-nums'] },
        style,
      ]}
    />
  );
}

/** A heading for the eye and for assistive technology. */
export function Heading({ level = 2, size = 18, ...rest }: TxtProps & { readonly level?: 1 | 2 | 3 }) {
  return <Txt role="heading" aria-level={level} bold size={size} {...rest} />;
}
