import { expose } from 'comlink';
import { explainSteps } from './explainSteps';

/** The search for causes, off the page's thread. */
expose(explainSteps);
