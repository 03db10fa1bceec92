// Needed by the package that writes certificates, before it.
import 'reflect-metadata';
import { createHash, randomBytes, webcrypto } from 'node:crypto';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';
import { HOUSE_RANGES, HOUSE_SUFFIXES, type HouseNames } from './houseNet';

x509.cryptoProvider.set(webcrypto);

const DAY = 24 * 3600 * 1000;
/** A phone trusts the household for so long. */
const AUTHORITY_DAYS = 3650;
/** Browsers and phones take certificates of servers for 398 days at most. Source: CA/Browser Forum, Baseline Requirements, 6.3.2. */
const SERVER_DAYS = 397;
/** Renewed so long before its end. */
const RENEWED_DAYS = 30;
/** Clocks of phones differ. */
const EARLIER = DAY;
const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const NAME_CONSTRAINTS = '2.5.29.30';

/** A certificate with its private key, both as PEM. */
export interface Credentials {
  readonly certificate: string;
  readonly key: string;
}

const serial = (): string => `01${randomBytes(15).toString('hex')}`;
const newKeys = (): Promise<webcrypto.CryptoKeyPair> =>
  webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
const pemOf = async (key: webcrypto.CryptoKey): Promise<string> =>
  x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');

/** It may vouch for what lies in a house net, and for nothing else: who steals its key reads nobody's bank. RFC 5280, 4.2.1.10. */
const onlyTheHouse = (): x509.Extension =>
  new x509.Extension(
    NAME_CONSTRAINTS,
    true,
    AsnConvert.serialize(
      new NameConstraints({
        permittedSubtrees: new GeneralSubtrees(
          [
            ...HOUSE_SUFFIXES.map((dNSName) => new GeneralName({ dNSName })),
            ...HOUSE_RANGES.map((iPAddress) => new GeneralName({ iPAddress })),
          ].map((base) => new GeneralSubtree({ base })),
        ),
      }),
    ),
  );

/**
 * The household's own authority: a phone that trusts it takes every certificate that it gives to this machine.
 * @param now milliseconds since 1970, of the world and not of the demo
 */
export async function newAuthority(now: number): Promise<Credentials> {
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    // Two households on one phone are told apart.
    name: `CN=Amber Ladle household ${randomBytes(2).toString('hex')}, O=Amber Ladle`,
    notBefore: new Date(now - EARLIER),
    notAfter: new Date(now + AUTHORITY_DAYS * DAY),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      onlyTheHouse(),
    ],
  });
  return { certificate: certificate.toString('pem'), key: await pemOf(keys.privateKey) };
}

/**
 * A certificate for this machine under the names and addresses that it has.
 * @param authority from {@link newAuthority}
 * @param now milliseconds since 1970
 */
export async function newCertificate(
  authority: Credentials,
  { names, addresses }: HouseNames,
  now: number,
): Promise<Credentials> {
  const keys = await newKeys();
  const issuer = new x509.X509Certificate(authority.certificate);
  const signingKey = await webcrypto.subtle.importKey(
    'pkcs8',
    x509.PemConverter.decodeFirst(authority.key),
    ALGORITHM,
    false,
    ['sign'],
  );
  const certificate = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: 'CN=Amber Ladle',
    issuer: issuer.subject,
    notBefore: new Date(now - EARLIER),
    notAfter: new Date(Math.min(now + (SERVER_DAYS - 1) * DAY, issuer.notAfter.getTime())),
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey,
    signingKey,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension([
        ...names.map((value) => ({ type: 'dns' as const, value })),
        ...addresses.map((value) => ({ type: 'ip' as const, value })),
      ]),
      await x509.AuthorityKeyIdentifierExtension.create(issuer.publicKey),
    ],
  });
  return { certificate: certificate.toString('pem'), key: await pemOf(keys.privateKey) };
}

/** True for a certificate that ends soon, or that is made out to other names than the machine has now. */
export function isOutdated({ certificate }: Credentials, { names, addresses }: HouseNames, now: number): boolean {
  const held = new x509.X509Certificate(certificate);
  if (held.notAfter.getTime() - now < RENEWED_DAYS * DAY) return true;
  const made = held.getExtension(x509.SubjectAlternativeNameExtension)?.names.items.map(({ value }) => value) ?? [];
  const wanted = [...names, ...addresses];
  return wanted.length !== made.length || wanted.some((name) => !made.includes(name));
}

/** What a person compares before trusting it, and when it ends. */
export function seenBy(certificate: string): { readonly fingerprint: string; readonly endsAt: string } {
  const read = new x509.X509Certificate(certificate);
  const digest = createHash('sha256').update(Buffer.from(read.rawData)).digest('hex').toUpperCase();
  return { fingerprint: digest.match(/../g)?.join(':') ?? '', endsAt: read.notAfter.toISOString() };
}

/** The certificate as phones take it to be installed: DER. */
export const derOf = (certificate: string): Buffer => Buffer.from(new x509.X509Certificate(certificate).rawData);
