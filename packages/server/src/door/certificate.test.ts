import { X509Certificate } from 'node:crypto';
import { connect, createServer, type ConnectionOptions, type TLSSocket } from 'node:tls';
import type { AddressInfo } from 'node:net';
import { expect, it } from 'vitest';
import { isOutdated, newAuthority, newCertificate, seenBy, type Credentials } from './certificate';

const DAY = 24 * 3600 * 1000;
const NAMES = { names: ['ladle.local'], addresses: ['192.168.1.20', 'fd00::2'] };
const now = Date.now();
const authority = await newAuthority(now);

/** What OpenSSL makes of it, as a client that trusts the household: the certificate, or the code of its refusal. */
async function judgedBy(shown: Credentials, name: string, more: ConnectionOptions = {}): Promise<string> {
  const server = createServer({
    cert: `${shown.certificate}\n${authority.certificate}`,
    key: shown.key,
    minVersion: 'TLSv1.2',
  });
  server.on('tlsClientError', () => undefined);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  const said = await new Promise<string>((resolve) => {
    const isName = /[a-z]/.test(name) && !name.includes(':');
    const socket: TLSSocket = connect(
      {
        port,
        host: '127.0.0.1',
        ca: authority.certificate,
        ...(isName ? { servername: name } : {}),
        checkServerIdentity: () => undefined,
        ...more,
      },
      () => {
        const held = socket.getPeerX509Certificate();
        const isNamed = isName ? held?.checkHost(name) : held?.checkIP(name);
        resolve(isNamed ? (socket.getProtocol() ?? '') : 'other name');
      },
    );
    socket.once('error', (error: Error) => {
      resolve(error.message);
    });
    socket.once('secureConnect', () => socket.end());
  });
  server.close();
  return said;
}

it('is taken by another TLS program under each name it was made out to, and under no other', async () => {
  const made = await newCertificate(authority, NAMES, now);
  for (const name of [...NAMES.names, ...NAMES.addresses])
    expect([name, await judgedBy(made, name)]).toEqual([name, 'TLSv1.3']);
  expect(await judgedBy(made, 'elsewhere.local')).toBe('other name');
  expect(await judgedBy(made, '192.168.1.21')).toBe('other name');
  expect(await judgedBy(made, 'ladle.local', { maxVersion: 'TLSv1.2' })).toBe('TLSv1.2');
  expect(await judgedBy(made, 'ladle.local', { minVersion: 'TLSv1', maxVersion: 'TLSv1.1' })).toMatch(
    /PROTOCOL|ALERT/i,
  );
});

it('is taken by nobody who does not trust the household', async () => {
  const made = await newCertificate(authority, NAMES, now);
  const { certificate } = await newAuthority(now);
  expect(await judgedBy(made, 'ladle.local', { ca: certificate })).not.toMatch(/^TLS/);
});

it.each([[{ names: ['bank.example'], addresses: [] }], [{ names: [], addresses: ['203.0.113.9'] }]])(
  'vouches for nothing outside a house net, were its key stolen: %j',
  async (names) => {
    const made = await newCertificate(authority, names, now);
    expect(await judgedBy(made, [...names.names, ...names.addresses][0]!)).toBe('permitted subtree violation');
  },
);

it('lasts as long as browsers take it, and is made anew before its end or under new names', async () => {
  const made = await newCertificate(authority, NAMES, now);
  const { validTo, validFrom } = new X509Certificate(made.certificate);
  expect((Date.parse(validTo) - Date.parse(validFrom)) / DAY).toBeLessThanOrEqual(398);
  expect(isOutdated(made, NAMES, now)).toBe(false);
  expect(isOutdated(made, NAMES, now + 360 * DAY)).toBe(false);
  expect(isOutdated(made, NAMES, now + 367 * DAY)).toBe(true);
  expect(isOutdated(made, { ...NAMES, addresses: ['192.168.1.21', 'fd00::2'] }, now)).toBe(true);
  expect(isOutdated(made, { ...NAMES, addresses: ['192.168.1.20'] }, now)).toBe(true);
});

it('is shown by the fingerprint that others show of it', () => {
  const other = new X509Certificate(authority.certificate);
  expect(seenBy(authority.certificate)).toEqual({
    fingerprint: other.fingerprint256,
    endsAt: new Date(other.validTo).toISOString(),
  });
  expect(other.ca).toBe(true);
});
