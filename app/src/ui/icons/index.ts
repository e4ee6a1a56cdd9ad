export { Icon, type IconName } from './Icon';
export { IconAction } from './IconAction';
