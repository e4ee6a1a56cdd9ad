import type { Judgement } from '../../judge/verdicts';
import type { Verdict } from '../../base/verdict';
import type { Stop } from '../../call/stop';

/** A verdict while a stop is on: the figure stays, nothing is said of it. */
export const underStop = (verdict: Verdict, stop: Stop): Verdict => ({
  ...verdict,
  word: 'cantSay',
  odds: undefined,
  sentence: `Not judged: ${stop.name}. ${stop.first}`,
});

/** Where the pressure goes while a stop is on: drops as they were read, none of them judged. */
export const pressureUnderStop = (judgement: Judgement, stop: Stop): Judgement => ({
  ...judgement,
  tesp: underStop(judgement.tesp, stop),
  sigma: undefined,
  sections: judgement.sections.map((section) => ({ ...section, verdict: underStop(section.verdict, stop) })),
});
