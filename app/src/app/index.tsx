export { TodayPage as default } from '../features/today/TodayPage';
