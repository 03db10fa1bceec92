import { expect, it } from 'vitest';
import { ownPath, usualName } from './joining';

it.each([
  ['Mozilla/5.0 (Linux; Android 15; K) AppleWebKit/537.36 Mobile Safari/537.36', 'Phone'],
  ['Mozilla/5.0 (Linux; Android 15; K) AppleWebKit/537.36 Safari/537.36', 'Tablet'],
  ['Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36', 'Computer'],
  ['', 'Computer'],
])('calls %s a %s until somebody says otherwise', (agent, name) => {
  expect(usualName(agent)).toBe(name);
});

it.each([
  ['/shelf', '/shelf'],
  ['/bowls/1?head=2', '/bowls/1?head=2'],
  ['', '/'],
  ['shelf', '/'],
  ['//elsewhere.example/x', '/'],
  ['/\\elsewhere.example', '/'],
  ['/a\nSet-Cookie: x', '/'],
  ['/join', '/'],
  ['/join?code=1', '/'],
  ['/joinery', '/joinery'],
])('goes on from %j to %s', (to, path) => {
  expect(ownPath(to)).toBe(path);
});
