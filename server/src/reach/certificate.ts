import 'reflect-metadata';
import { AsnConvert } from '@peculiar/asn1-schema';
import {
  GeneralName,
  GeneralSubtree,
  GeneralSubtrees,
  id_ce_nameConstraints,
  NameConstraints,
} from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';
import { randomBytes, webcrypto } from 'node:crypto';
import { isIP } from 'node:net';

/** As Node has them; the library names them by types of browsers. */
interface Keys {
  readonly publicKey: object;
  readonly privateKey: object;
}

/** What Node has and the library names by types of browsers: the same thing to both. */
const foreign = (value: unknown) => value as never;

x509.cryptoProvider.set(foreign(webcrypto));

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const DAY_MS = 86_400_000;
const ROOT_DAYS = 3650;
/** Longer than 825 days phones refuse. */
const LEAF_DAYS = 397;
/** A clock that is a little behind must not refuse it. */
const EARLIER_MS = DAY_MS;

/** A certificate with its key, as PEM. */
export interface Certificate {
  readonly certificate: string;
  readonly key: string;
}

/** Addresses of networks that nobody else is on: a root that may vouch for these alone is of no use against any other site. */
const PRIVATE_NETWORKS = ['10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16', '169.254.0.0/16', '127.0.0.0/8'];

const PRIVATE = /^(?:10|127|169\.254|192\.168|172\.(?:1[6-9]|2\d|3[01]))\./;
/** Whether every root may vouch for an address. */
export const isPrivate = (name: string): boolean => isIP(name) === 4 && PRIVATE.test(name);

/** What the root may vouch for: the given names, and addresses of private networks. */
function constraintsFor(names: readonly string[]): x509.Extension {
  const subtree = (base: GeneralName) => new GeneralSubtree({ base });
  const permitted = new GeneralSubtrees([
    ...names.filter((name) => isIP(name) === 0).map((dNSName) => subtree(new GeneralName({ dNSName }))),
    ...[...PRIVATE_NETWORKS, ...names.filter((name) => isIP(name) === 4).map((address) => `${address}/32`)].map(
      (iPAddress) => subtree(new GeneralName({ iPAddress })),
    ),
  ]);
  const value = AsnConvert.serialize(new NameConstraints({ permittedSubtrees: permitted }));
  return new x509.Extension(id_ce_nameConstraints, true, value);
}

const serial = () => Buffer.concat([Buffer.from([1]), randomBytes(15)]).toString('hex');

const withKey = async (made: x509.X509Certificate, { privateKey }: Keys): Promise<Certificate> => ({
  certificate: made.toString('pem'),
  key: x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', foreign(privateKey)), 'PRIVATE KEY'),
});

const newKeys = () =>
  webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']) as Promise<object> as Promise<Keys>;

/** A root of the shop's own. @param names what it may vouch for, beside addresses of private networks */
export async function makeRoot(names: readonly string[], now = new Date()): Promise<Certificate> {
  const keys = await newKeys();
  const made = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: `CN=Huff of this shop ${now.toISOString().slice(0, 10)}`,
    notBefore: new Date(now.getTime() - EARLIER_MS),
    notAfter: new Date(now.getTime() + ROOT_DAYS * DAY_MS),
    signingAlgorithm: ALGORITHM,
    keys: foreign(keys),
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(foreign(keys.publicKey)),
      constraintsFor(names),
    ],
  });
  return withKey(made, keys);
}

/** A certificate of a server, signed by the shop's root. @param names its names and addresses */
export async function makeLeaf(root: Certificate, names: readonly string[], now = new Date()): Promise<Certificate> {
  const issuer = new x509.X509Certificate(root.certificate);
  const [pem] = x509.PemConverter.decode(root.key);
  const signingKey = await webcrypto.subtle.importKey('pkcs8', pem!, ALGORITHM, false, ['sign']);
  const keys = await newKeys();
  const made = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: 'CN=Huff',
    issuer: issuer.subject,
    notBefore: new Date(now.getTime() - EARLIER_MS),
    notAfter: new Date(now.getTime() + LEAF_DAYS * DAY_MS),
    signingAlgorithm: ALGORITHM,
    publicKey: foreign(keys.publicKey),
    signingKey: foreign(signingKey),
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((value) => ({ type: isIP(value) === 0 ? ('dns' as const) : ('ip' as const), value })),
      ),
      await x509.AuthorityKeyIdentifierExtension.create(issuer),
    ],
  });
  return withKey(made, keys);
}

/** Whether a certificate was signed by a root, has exactly these names and holds for so long. */
export function holds(
  { certificate }: Pick<Certificate, 'certificate'>,
  names: readonly string[],
  { now = new Date(), days = 30 } = {},
): boolean {
  const read = new x509.X509Certificate(certificate);
  const given = read.getExtension(x509.SubjectAlternativeNameExtension)?.names.items.map(({ value }) => value) ?? [];
  return (
    read.notAfter.getTime() > now.getTime() + days * DAY_MS &&
    read.notBefore.getTime() <= now.getTime() &&
    [...given].sort().join() === [...names].sort().join()
  );
}

/** As phones take it. */
export const derOf = ({ certificate }: Pick<Certificate, 'certificate'>): Buffer =>
  Buffer.from(new x509.X509Certificate(certificate).rawData);

/** The names and addresses a root may vouch for, as it says itself. */
export function namesOfRoot({ certificate }: Pick<Certificate, 'certificate'>): string[] {
  const extension = new x509.X509Certificate(certificate).getExtension(id_ce_nameConstraints);
  if (!extension) return [];
  const { permittedSubtrees } = AsnConvert.parse(extension.value, NameConstraints);
  // An address by itself: the address and the mask that leaves it alone.
  return [...(permittedSubtrees ?? [])].flatMap(
    ({ base }) => base.dNSName ?? base.iPAddress?.replace(/\/(?:32|255\.255\.255\.255)$/, '') ?? [],
  );
}
