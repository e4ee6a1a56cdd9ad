import { LOOK_ITEMS, type LookItem } from '../../judge/look';
import { causeOf } from '../../fix/causes';
import { signsOf } from '../../fix/explain/lookOdds';
import type { PracticeCase } from './drawCase';

/** What is there to see, in words of somebody who looks: what to call it is left to them. */
const SIGHTS: Readonly<Record<string, string>> = {
  'filter clean': 'White media, light comes through.',
  'filter loaded': 'Gray felt from edge to edge. A lamp behind it does not show.',
  'filter uneven': 'One half gray, one half white. It is bowed inward.',
  'filter bypassed': 'Dust streaks around the frame: air goes past it.',
  'filter missing': 'The slot is empty.',
  'filter fine': 'White and clean, with dense pleats one inch deep.',
  'secondFilter none': 'A bare grille, nothing behind it.',
  'secondFilter there': 'Another filter sits behind the grille.',
  'wheel clean': 'Blades with sharp, open cups.',
  'wheel dusty': 'A gray film on the blades; the cups are open.',
  'wheel caked': 'The cups are packed flat with dust.',
  'rotation right': 'Turned by hand and let run: the cups scoop forward.',
  'rotation backwards': 'It turns against its arrow.',
  'belt good': 'Tight, dry, no cracks.',
  'belt slack': 'It flaps, and gives two inches under a thumb.',
  'belt glazed': 'Shiny flanks, black dust under it.',
  'coilFace clean': 'Fins shine on both sides.',
  'coilFace dusty': 'A gray film on the fins; light comes through.',
  'coilFace matted': 'A felt of lint covers the fins.',
  'ice none': 'Wet, no frost.',
  'ice coil': 'White frost over the fins and the suction line.',
  'dampers open': 'Handles in line with the ducts, registers open.',
  'dampers closed': 'Two handles across the duct, a register under a sofa.',
  'ducts whole': 'Round, hung straight, joints taped.',
  'ducts crushed': 'A flex run is pinched flat over a truss.',
  'ducts open': 'A boot hangs loose. Attic air goes in.',
  'ducts liner': 'A flap of liner moves in the airstream.',
  'returnSize enough': 'The grille measures 20 × 25 in.',
  'returnSize small': 'The grille measures 12 × 20 in.',
  'speedLead asEntered': 'The lead sits where the record says.',
  'speedLead other': 'The lead sits on another terminal than the record says.',
  'dehumidify off': 'The switch is off.',
  'dehumidify on': 'The switch is on, and no sensor is wired.',
  'outdoorCoil clean': 'Bright fins all around.',
  'outdoorCoil dirty': 'Cottonwood fluff mats the coil.',
};

/** What is seen at a thing of a case, and what it is called. */
export interface Sight {
  readonly item: string;
  readonly state: string;
  readonly words: string;
}

/** Looked at from outdoors; its answers are those of a check. */
const OUTDOOR_COIL: Pick<LookItem, 'id' | 'states'> = {
  id: 'outdoorCoil',
  states: [
    { id: 'clean', text: 'clean' },
    { id: 'dirty', text: 'dirty' },
  ],
};

const itemOf = (id: string) => (id === OUTDOOR_COIL.id ? OUTDOOR_COIL : LOOK_ITEMS.find((one) => one.id === id));

/** What a thing can be called. @example statesOfSight('filter').map(({ id }) => id)[0] // 'clean' */
export const statesOfSight = (item: string) => itemOf(item)?.states ?? [];

/** The things that can be looked at and tell of causes. */
export const SIGHT_ITEMS: readonly string[] = [...new Set(Object.keys(SIGHTS).map((key) => key.split(' ')[0]!))];

/**
 * What is seen at a thing, as it is after what was put right.
 *
 * @param fixed causes that are gone
 * @returns undefined for a thing that tells nothing here
 */
export function lookSeen(
  { faults, lookAlike }: PracticeCase,
  item: string,
  fixed: readonly string[] = [],
): Sight | undefined {
  const good = itemOf(item)?.states[0]?.id;
  if (good === undefined) return undefined;
  const shown = [...faults.map(({ cause }) => cause), ...(lookAlike ? [lookAlike] : [])].filter(
    (id) => !fixed.includes(id),
  );
  const sign = shown.flatMap((id) => signsOf(causeOf(id)!)).find((one) => one.item === item);
  const state = sign?.states[0] ?? good;
  return { item, state, words: SIGHTS[`${item} ${state}`] ?? 'Nothing to note.' };
}
