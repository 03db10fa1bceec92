import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { AlreadyOpen, holdAlone } from './onlyOne';

it('lets one server at a time have a household, and the next once it is let go', () => {
  const folder = mkdtempSync(join(tmpdir(), 'amber-ladle-alone-'));
  const [own, demo] = [join(folder, 'household.sqlite'), join(folder, 'demo.sqlite')];
  const letGo = holdAlone(own);
  expect(() => holdAlone(own)).toThrow(AlreadyOpen);
  // The demo beside it is another household.
  holdAlone(demo)();
  letGo();
  holdAlone(own)();
  rmSync(folder, { recursive: true, force: true });
});
