import { api } from '@amber-ladle/contract';
import { sendFile } from '../http/file';
import { on, type Served } from '../http/serve';
import { derOf } from './certificate';
import type { Door } from './door';
import { askerOf, mustBeHere } from '../http/lock';

/** What the page at the door asks, and what a device may do there. */
export const doorRoutes = (door: Door): Served[] => [
  on(api.door.state, ({ response }) => door.state(askerOf(response))),
  on(api.door.turn, async ({ body, response }) => {
    mustBeHere(response);
    await door.turn(body.isOpen);
    return door.state(askerOf(response));
  }),
  on(api.door.newCode, ({ response }) => {
    mustBeHere(response);
    return door.newCode();
  }),
  on(api.door.setPassphrase, async ({ body, response }) => {
    mustBeHere(response);
    await door.setPassphrase(body.passphrase);
    return door.state(askerOf(response));
  }),
  on(api.door.unlock, ({ response }) => {
    mustBeHere(response);
    door.unlock();
    return door.state(askerOf(response));
  }),
  on(api.door.renameDevice, async ({ params, body, response }) => {
    mustBeHereOrBe(params.id, response);
    await door.rename(params.id, body.name);
    return door.state(askerOf(response));
  }),
  on(api.door.putOut, async ({ params, request, response }) => {
    mustBeHereOrBe(params.id, response);
    await door.putOut(params.id, request.socket);
  }),
  on(api.door.deeds, ({ params }) => door.devices.deeds(params.id)),
  on(api.door.certificate, async ({ response }) => {
    const certificate = derOf(await door.certificate());
    sendFile(response, 'application/x-x509-ca-cert', 'amber-ladle-household.crt', certificate);
  }),
  on(api.door.calendar, async () => ({ path: pathOf(await door.calendarSecret()) })),
  on(api.door.renewCalendar, async () => ({ path: pathOf(await door.renewCalendar()) })),
];

/** A device manages itself, and no other. */
function mustBeHereOrBe(id: string, response: Parameters<typeof askerOf>[0]): void {
  const asker = askerOf(response);
  if (asker.is === 'device' && asker.id !== id) mustBeHere(response);
}

const pathOf = (secret: string): string => `/calendar/${secret}.ics`;
