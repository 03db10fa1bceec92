import { bowls } from './bowl/endpoints';
import { washDays } from './day/endpoints';
import { devices } from './device/endpoints';
import { door } from './door/endpoints';
import { heads } from './head/endpoints';
import { household } from './household/endpoints';
import { ingredients } from './ingredient/endpoints';
import { masks } from './mask/endpoints';
import { notes } from './notes/endpoints';
import { photos } from './photo/endpoints';
import { stock } from './stock/endpoints';
import { weeks } from './weeks/endpoints';
import type { AnyEndpoint } from './wire/endpoint';

/** Everything that can be asked of the server, by feature. */
export const api = {
  bowls,
  devices,
  door,
  heads,
  household,
  ingredients,
  masks,
  notes,
  photos,
  stock,
  washDays,
  weeks,
};

/** The same as one list, for whoever walks all of it. */
export const ENDPOINTS: readonly AnyEndpoint[] = Object.values(api).flatMap((feature) =>
  Object.values<AnyEndpoint>(feature),
);
