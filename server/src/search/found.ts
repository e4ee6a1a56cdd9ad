/** Something that was found. */
export interface Found {
  readonly of: 'site' | 'unit' | 'part' | 'visit';
  readonly id: string;
  readonly name: string;
  /** The site of a unit. */
  readonly siteName: string | null;
  /** When a visit was. */
  readonly at?: string;
  /** What a visit says, or what a part is. */
  readonly words?: string | null;
}
