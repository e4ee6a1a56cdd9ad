export { BlockView } from './BlockView';
export { SvgMarkup } from './SvgMarkup';
