/** How a server's backups are. */
export interface BackupState {
  /** False where whoever runs it turned them off. */
  readonly isOn: boolean;
  /** The last one that was read back and is good. */
  readonly last: { readonly madeAt: string; readonly bytes: number } | null;
  readonly kept: number;
  readonly isMaking: boolean;
  /** No good one for two days. */
  readonly isLacking: boolean;
  /** Why the last try failed, in a sentence. */
  readonly fault: string | null;
}
