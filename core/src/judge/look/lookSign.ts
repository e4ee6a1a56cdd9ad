/** What a look must have found for a cause to have been seen, or to be ruled out. */
export interface LookSign {
  readonly item: string;
  readonly states: readonly string[];
}
