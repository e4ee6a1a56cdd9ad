export { ListRow } from './ListRow';
export { ListSection } from './ListSection';
