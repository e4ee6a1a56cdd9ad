export { ActionButton } from './ActionButton';
export { Columns } from './Columns';
export { Page } from './Page';
export { PageFoot } from './PageFoot';
export { PaperRoot } from './PaperRoot';
export { PlacesBar } from './PlacesBar';
export { TextButton } from './TextButton';
export { TextLink } from './TextLink';
