export { TablePage as default } from '../../../features/tables/TablePage';
