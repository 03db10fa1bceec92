import { benchDrag } from './drag';
import { benchLoad } from './load';
import { benchNotes } from './notes';
import { benchRanking } from './ranking';
import { benchReading } from './reading';
import { benchServer } from './server';
import { benchShelf } from './shelf';
import { benchSizing } from './sizing';
import { benchWashDay } from './washday';

benchSizing();
benchRanking();
benchReading();
benchLoad(process.cwd());
await benchServer();
await benchDrag();
await benchShelf();
await benchWashDay();
await benchNotes();
