import { request } from 'node:https';
import type { IncomingHttpHeaders } from 'node:http';
import type { ConnectionOptions } from 'node:tls';
import type { TestHouse } from '../testing';

/** What a device got. */
export interface Answered {
  readonly status: number;
  readonly headers: IncomingHttpHeaders;
  readonly text: string;
}

/** What a device asks at the door of a test house. */
export interface Asked {
  readonly method?: string;
  readonly path: string;
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: string;
  readonly key?: string;
  readonly tls?: ConnectionOptions;
}

/** The first address of a test house's door. */
export const doorAddress = ({ door }: TestHouse): string => door.way.addresses[0] ?? '';

/** Asks over TLS, trusting the household's certificate and nothing else. */
export async function askAtDoor(
  house: TestHouse,
  { method = 'GET', path, headers = {}, body, key, tls = {} }: Asked,
): Promise<Answered> {
  const { hostname, port } = new URL(doorAddress(house));
  const ca = await house.door.certificate();
  return new Promise((resolve, reject) => {
    const asked = request(
      {
        hostname,
        port,
        method,
        path,
        ca,
        headers: {
          ...headers,
          ...(body === undefined ? {} : { 'content-length': String(Buffer.byteLength(body)) }),
          ...(key === undefined ? {} : { cookie: `__Host-amber-ladle-key=${key}` }),
        },
        ...tls,
      },
      (answer) => {
        let text = '';
        answer.setEncoding('utf8').on('data', (more: string) => (text += more));
        answer.on('error', reject);
        answer.on('end', () => {
          resolve({ status: answer.statusCode ?? 0, headers: answer.headers, text });
        });
      },
    );
    asked.on('error', reject);
    asked.end(body);
  });
}

/** Fills in the form at the door. */
export const sayAtDoor = (house: TestHouse, code: string, name = 'Phone', to = '/'): Promise<Answered> =>
  askAtDoor(house, {
    method: 'POST',
    path: '/join',
    headers: { 'content-type': 'application/x-www-form-urlencoded', origin: doorAddress(house) },
    body: new URLSearchParams({ code, name, to }).toString(),
  });

/** The key that an answer hands over. */
export const keyFrom = ({ headers }: Answered): string =>
  /__Host-amber-ladle-key=([^;]+)/.exec((headers['set-cookie'] ?? []).join())?.[1] ?? '';

/** A device that was let in by a code. @returns its key */
export async function joined(house: TestHouse, name = 'Phone'): Promise<string> {
  return keyFrom(await sayAtDoor(house, house.door.newCode().text, name));
}
