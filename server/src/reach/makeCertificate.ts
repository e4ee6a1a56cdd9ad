import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { derOf, holds, isPrivate, makeLeaf, makeRoot, namesOfRoot, type Certificate } from './certificate';
import { namesHere, type ShopCertificate } from './shopCertificate';

function kept(folder: string, name: string): Certificate | undefined {
  const [certificate, key] = [path.join(folder, `${name}.pem`), path.join(folder, `${name}.key`)];
  if (!existsSync(certificate) || !existsSync(key)) return undefined;
  return { certificate: readFileSync(certificate, 'utf8'), key: readFileSync(key, 'utf8') };
}

/** The key first, each whole or not at all: a crash between the two leaves a certificate without a key, which is made anew. */
function keep(folder: string, name: string, { certificate, key }: Certificate): void {
  for (const [file, text] of [
    [`${name}.key`, key],
    [`${name}.pem`, certificate],
  ] as const) {
    const whole = path.join(folder, file);
    writeFileSync(`${whole}.new`, text, { mode: 0o600 });
    renameSync(`${whole}.new`, whole);
  }
}

/**
 * The certificate of this server by a root of the shop's own, made where it is missing, runs out, or has other names than the machine has now. The root
 * stays: phones that have it trust the new certificate as well. Another name makes another root, for it vouches for its names alone.
 *
 * @param folder where both are kept, closed to everybody else
 */
export async function shopCertificate(
  folder: string,
  named: readonly string[],
  now = new Date(),
): Promise<ShopCertificate> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  chmodSync(folder, 0o700);
  const names = namesHere(named);
  const hosts = names.filter((name) => !isPrivate(name));
  const before = kept(folder, 'root');
  const covers = before && hosts.every((host) => namesOfRoot(before).includes(host));
  const root = covers ? before : await makeRoot(hosts, now);
  if (!covers) keep(folder, 'root', root);
  const leaf = covers ? kept(folder, 'server') : undefined;
  const good = leaf && holds(leaf, names, { now }) ? leaf : await makeLeaf(root, names, now);
  if (good !== leaf) keep(folder, 'server', good);
  return { certificate: `${good.certificate}\n${root.certificate}`, key: good.key, rootDer: derOf(root) };
}

/** A certificate that somebody else made, from files. @throws Error in a sentence */
export function certificateFromFiles(certificateFile: string, keyFile: string): ShopCertificate {
  const read = (file: string, variable: string) => {
    try {
      return readFileSync(file, 'utf8');
    } catch {
      throw new Error(`${variable} names ${file}, which cannot be read. Check its path and who may read it.`);
    }
  };
  return { certificate: read(certificateFile, 'HUFF_CERT'), key: read(keyFile, 'HUFF_KEY') };
}
