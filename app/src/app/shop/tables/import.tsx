export { ImportPage as default } from '../../../features/tables/ImportPage';
