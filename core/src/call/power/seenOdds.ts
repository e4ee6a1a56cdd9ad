import type { Look } from '../../judge/look';
import { powerCause } from './causes';
import type { Priors } from './suspects';

/** What was seen, and how many times likelier it makes a cause (J). */
interface Seen {
  readonly item: string;
  readonly states: readonly string[];
  /** What it is called in a sentence. */
  readonly words: string;
  readonly makesLikelier: Readonly<Record<string, number>>;
}

const CHOKES = (times: number) => ({ limitOpen: times, littleAir: times, overloadHot: times });

const SEEN: readonly Seen[] = [
  { item: 'filter', states: ['loaded'], words: 'loaded filter', makesLikelier: CHOKES(3) },
  { item: 'light', states: ['no'], words: 'no light through the filter', makesLikelier: CHOKES(3) },
  { item: 'coilFace', states: ['matted'], words: 'matted coil', makesLikelier: CHOKES(2) },
  { item: 'wheel', states: ['caked'], words: 'caked blower wheel', makesLikelier: CHOKES(2) },
  { item: 'dampers', states: ['closed'], words: 'closed dampers or registers', makesLikelier: CHOKES(2) },
  { item: 'ducts', states: ['crushed'], words: 'crushed duct', makesLikelier: CHOKES(2) },
  {
    item: 'belt',
    states: ['slack', 'glazed', 'cracked'],
    words: 'slack or worn belt',
    makesLikelier: { limitOpen: 3, littleAir: 3 },
  },
  { item: 'belt', states: ['broken'], words: 'broken belt', makesLikelier: { beltOff: 20 } },
  {
    item: 'wiring',
    states: ['loose', 'burnt'],
    words: 'loose or burnt wiring',
    makesLikelier: { motorLead: 4, relayContacts: 2, contactorFaces: 2 },
  },
  { item: 'capacitor', states: ['bulged'], words: 'bulged capacitor', makesLikelier: { capacitor: 6 } },
  { item: 'capacitor', states: ['weak'], words: 'weak capacitor', makesLikelier: { capacitor: 2 } },
  {
    item: 'drain',
    states: ['slow', 'blocked'],
    words: 'slow or blocked drain',
    makesLikelier: { floatSwitch: 4, floatInR: 4 },
  },
  { item: 'smell', states: ['hot'], words: 'burning smell', makesLikelier: { windings: 3, seized: 2 } },
  { item: 'noise', states: ['rubs'], words: 'rubbing or squealing', makesLikelier: { seized: 3 } },
];

const shown = (looks: readonly Look[]): readonly Seen[] => {
  const states = new Map(
    looks.filter(({ outcome }) => outcome !== 'dealtWith').map(({ item, state }) => [item, state]),
  );
  return SEEN.filter(({ item, states: signs }) => signs.includes(states.get(item) ?? ''));
};

/**
 * Odds before any test, moved by what was seen at the unit: a loaded filter makes an open limit likelier.
 *
 * @param causes ids of the causes that are weighed
 * @param looks the last look at each thing
 * @param priors what the shop knows, odds per 100 calls
 * @example seenOdds(['limitOpen'], [{ item: 'filter', state: 'loaded' }], {}).limitOpen // 42, three times the usual 14
 */
export function seenOdds(causes: readonly string[], looks: readonly Look[], priors: Priors): Priors {
  const moved: Record<string, number | undefined> = { ...priors };
  const seen = shown(looks);
  for (const id of causes) {
    const times = seen.reduce((product, { makesLikelier }) => product * (makesLikelier[id] ?? 1), 1);
    if (times !== 1) moved[id] = (priors[id] ?? powerCause(id).prior) * times;
  }
  return moved;
}

/**
 * What was seen that points to a cause, in words.
 *
 * @example seenFor('limitOpen', [{ item: 'belt', state: 'slack' }]) // ['slack or worn belt']
 */
export const seenFor = (cause: string, looks: readonly Look[]): readonly string[] =>
  shown(looks).flatMap(({ words, makesLikelier }) => (makesLikelier[cause] === undefined ? [] : [words]));
