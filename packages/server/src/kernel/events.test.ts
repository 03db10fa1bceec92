import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
let server: Server;
let address: string;
beforeEach(async () => {
  house = await testHouse();
  server = createServer(house.app);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterEach(async () => {
  house.home.events.close();
  await new Promise((resolve) => server.close(resolve));
  await house.close();
});

/** Reads a stream until a text shows up in it. */
async function readUntil(reader: ReadableStreamDefaultReader<Uint8Array>, wanted: string): Promise<string> {
  const decoder = new TextDecoder();
  let text = '';
  while (!text.includes(wanted)) {
    const { value, done } = await reader.read();
    if (done) break;
    text += decoder.decode(value);
  }
  return text;
}

it('tells every listener of a change, and only after it is stored', async () => {
  const streams = await Promise.all([1, 2].map(() => fetch(`${address}/api/events`)));
  expect(streams[0]?.headers.get('content-type')).toContain('text/event-stream');
  const readers = streams.map(({ body }) => body!.getReader());
  await Promise.all(readers.map((reader) => readUntil(reader, 'retry:')));
  await fetch(`${address}/api/heads`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(aHead),
  });
  for (const reader of readers) {
    expect(await readUntil(reader, 'data: heads')).toContain('event: change');
    expect(await (await fetch(`${address}/api/heads`)).json()).toHaveLength(1);
    await reader.cancel();
  }
});

it('forgets a listener that went away, and ends the rest when it stops', async () => {
  const leaving = await fetch(`${address}/api/events`);
  await leaving.body!.cancel();
  const staying = await fetch(`${address}/api/events`);
  const reader = staying.body!.getReader();
  await readUntil(reader, 'retry:');
  house.home.events.tell('bowls');
  expect(await readUntil(reader, 'data: bowls')).toContain('data: bowls');
  house.home.events.close();
  expect((await reader.read()).done).toBe(true);
});
