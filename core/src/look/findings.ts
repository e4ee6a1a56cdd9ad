import { LOOK_CAUTIONS, LOOK_ITEMS, lookItem } from './items';

/** What was seen at one thing; a later look at the same thing takes its place. */
export interface Look {
  readonly item: string;
  readonly state: string;
  readonly note?: string;
  /** What became of a finding. */
  readonly outcome?: 'dealtWith' | 'declined';
}

export interface Finding extends Look {
  readonly name: string;
  readonly text: string;
  readonly caution?: string;
}

export interface Hold {
  readonly item: string;
  readonly why: string;
  readonly first: string;
}

/** The last look at each thing, in the order faults are taken. @param looks in the order they were made */
export function lastLooks(looks: readonly Look[]): ReadonlyMap<string, Look> {
  const last = new Map(looks.map((look) => [look.item, look]));
  return new Map(LOOK_ITEMS.flatMap(({ id }) => (last.has(id) ? [[id, last.get(id)!] as const] : [])));
}

const stateOf = (look: Look) => lookItem(look.item)?.states.find((state) => state.id === look.state);

/** Everything found, open ones and settled ones. @example findings([{ item: 'belt', state: 'slack' }])[0].text // 'slack' */
export function findings(looks: readonly Look[]): Finding[] {
  return [...lastLooks(looks).values()].flatMap((look) => {
    const state = stateOf(look);
    if (!state?.finding) return [];
    const caution = LOOK_CAUTIONS[`${look.item} ${look.state}`];
    return [{ ...look, name: lookItem(look.item)!.name, text: state.text, caution }];
  });
}

/** Why readings now would mislead, and what to do first; undefined when nothing holds. Power and fire go first. */
export function holdOf(looks: readonly Look[]): Hold | undefined {
  const order = ['elements', 'air', 'belt', 'ice'];
  const held = [...lastLooks(looks).values()].filter((look) => look.outcome !== 'dealtWith' && stateOf(look)?.hold);
  const first = order.map((id) => held.find((look) => look.item === id)).find((look) => look !== undefined);
  return first && { item: first.item, ...stateOf(first)!.hold! };
}
