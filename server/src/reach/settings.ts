/** What the person who runs Huff says of how others reach it. */
export interface ReachSettings {
  readonly host: string;
  readonly port: number;
  /** Names under which it is reached beside its own. */
  readonly names: readonly string[];
  /** Where others reach it, told by the person who runs a proxy before it. */
  readonly address?: string;
  /** Whether phones on the network are let reach it, with a certificate of the shop's own. */
  readonly share: boolean;
  /** A certificate that somebody else made, and its key, as files. */
  readonly certificate?: { readonly certificate: string; readonly key: string };
  readonly httpsPort: number;
  /** Where data is kept, and the shop's own certificate with it. */
  readonly dataFolder: string;
}
