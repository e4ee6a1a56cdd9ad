export { isOurs } from './letters';
export { el, escaped } from './markup';
export { svgOf } from './svgOf';
