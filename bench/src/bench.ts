import { benchDrag } from './drag';
import { benchLoad } from './load';
import { benchServer } from './server';
import { benchShelf } from './shelf';
import { benchSizing } from './sizing';
import { benchWashDay } from './washday';

benchSizing();
benchLoad(process.cwd());
await benchServer();
await benchDrag();
await benchShelf();
await benchWashDay();
