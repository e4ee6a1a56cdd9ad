export { QuickCheckPage as default } from '../features/check/QuickCheckPage';
