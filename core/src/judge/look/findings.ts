import { LOOK_CAUTIONS, LOOK_ITEMS, lookItem } from './items';

/** What was seen at one thing; a later look at the same thing takes its place. */
export interface Look {
  readonly item: string;
  readonly state: string;
  readonly note?: string;
  /** What told it, where it was not looked at: a point, 'rpm', 'flashes'. */
  readonly by?: string;
  /** What became of a finding. */
  readonly outcome?: 'dealtWith' | 'declined';
}

export interface Finding extends Look {
  readonly name: string;
  readonly text: string;
  readonly caution?: string;
}

/** The last look at each thing, in the order faults are taken. @param looks in the order they were made */
export function lastLooks(looks: readonly Look[]): ReadonlyMap<string, Look> {
  const last = new Map(looks.map((look) => [look.item, look]));
  return new Map(LOOK_ITEMS.flatMap(({ id }) => (last.has(id) ? [[id, last.get(id)!] as const] : [])));
}

const stateOf = (look: Look) => lookItem(look.item)?.states.find((state) => state.id === look.state);

/**
 * Everything seen wrong, open and resolved. What a check or a meter told is not repeated: it is listed as that.
 *
 * @param looks the last look at each thing
 * @example findings(new Map([['belt', { item: 'belt', state: 'slack' }]]))[0].text // 'slack'
 */
export function findings(looks: ReadonlyMap<string, Look>): Finding[] {
  return [...looks.values()].flatMap((look) => {
    const state = stateOf(look);
    if (!state?.finding || look.by !== undefined) return [];
    const caution = LOOK_CAUTIONS[`${look.item} ${look.state}`];
    return [{ ...look, name: lookItem(look.item)!.name, text: state.text, caution }];
  });
}
