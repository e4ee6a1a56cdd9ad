export { VisitPage as default } from '../../features/visit/VisitPage';
