/** What `npm run practice` is bundled from. */
export {
  bestPath,
  causesOfCase,
  debrief,
  drawCase,
  DRILL_KINDS,
  DRILL_PLANS,
  isRight,
  newCase,
} from '../../core/src/entries/practice';
export { seededRandom } from '../../core/src/base/numbers/random';
export { caseRequest } from '../../contract/src/practice';
