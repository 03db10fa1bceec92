import { benchDrag } from './drag';
import { benchFrames } from './frames';
import { benchGrowth } from './growth';
import { benchHouseholds } from './households';
import { benchLoad } from './load';
import { benchNotes } from './notes';
import { benchPhone } from './phone';
import { benchRanking } from './ranking';
import { benchReading } from './reading';
import { benchServer } from './server';
import { benchShelf } from './shelf';
import { benchSizing } from './sizing';
import { benchWashDay } from './washday';
import { benchRules } from './rules';
import { benchMonths, benchWeeks } from './weeks';

const ALL: Readonly<Record<string, () => unknown>> = {
  sizing: benchSizing,
  ranking: benchRanking,
  reading: benchReading,
  load: () => {
    benchLoad(process.cwd());
  },
  server: benchServer,
  drag: benchDrag,
  frames: benchFrames,
  phone: benchPhone,
  shelf: benchShelf,
  washday: benchWashDay,
  notes: benchNotes,
  growth: benchGrowth,
  households: benchHouseholds,
  weeks: benchWeeks,
  months: () => benchMonths(),
  rules: () => benchRules(),
};

/** All of them, or those that are named. */
const wanted = process.argv.slice(2);
for (const [name, bench] of Object.entries(ALL)) if (wanted.length === 0 || wanted.includes(name)) await bench();
