import { hash, verify } from '@node-rs/argon2';

/** argon2id at the cost that OWASP recommends: 19 MiB, two passes, one lane. Its binary computes beside this thread. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

export const hashPassphrase = (passphrase: string): Promise<string> => hash(passphrase.normalize('NFKC'), COST);

/** Of a passphrase nobody has: a name that nobody has takes as long to refuse as a wrong passphrase. */
const NOBODYS = hashPassphrase('nobody has this passphrase');

/** @param stored undefined where nobody has that name, or no passphrase */
export async function isPassphrase(stored: string | null | undefined, passphrase: string): Promise<boolean> {
  const isRight = await verify(stored ?? (await NOBODYS), passphrase.normalize('NFKC'));
  return stored ? isRight : false;
}
