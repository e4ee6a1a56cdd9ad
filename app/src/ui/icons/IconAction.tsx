import { IconButton, type IconButtonProps } from 'react-native-paper';

/** The least side of anything that is pressed with a glove, px. */
const TOUCH = 48;

/** A button of an icon alone, large enough for gloves whatever the icon's size. */
export function IconAction({ style, ...rest }: IconButtonProps) {
  return <IconButton {...rest} style={[{ width: TOUCH, height: TOUCH, margin: 0 }, style]} />;
}
