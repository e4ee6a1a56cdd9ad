import { expose } from 'comlink';
import { photoSteps } from './photoSteps';

/** Photos are made straight and read off the page's thread. */
expose(photoSteps);
