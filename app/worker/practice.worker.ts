import { expose } from 'comlink';
import { practiceSteps } from './practiceSteps';

/** Cases and debriefs, off the page's thread. */
expose(practiceSteps);
