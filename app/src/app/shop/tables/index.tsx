export { TablesPage as default } from '../../../features/tables/TablesPage';
