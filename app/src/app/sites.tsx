export { SitesPage as default } from '../features/sites/SitesPage';
