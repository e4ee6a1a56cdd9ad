import { lazyPage } from '../../features/lazyPage';

export default lazyPage('ProgressPage');
