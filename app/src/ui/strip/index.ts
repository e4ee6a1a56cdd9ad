export { ExpectedStrip } from './ExpectedStrip';
