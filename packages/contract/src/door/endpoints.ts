import { get, patch, post, put, remove } from '../wire/endpoint';
import type { CalendarAddress, Deed, DoorState, JoinCode } from './door';

const schemas = () => import('./door');

/** The door to the devices of the household: who may come in, and who did. Most of it is told and taken on its own machine only. */
export const door = {
  state: get('/door').giving<DoorState>().changingWith('door'),
  turn: put('/door')
    .taking(async () => (await schemas()).doorSwitchSchema)
    .giving<DoorState>()
    .refusing('only-here'),
  newCode: post('/door/code').giving<JoinCode>().refusing('only-here', 'in-use'),
  setPassphrase: put('/door/passphrase')
    .taking(async () => (await schemas()).passphraseSchema)
    .giving<DoorState>()
    .refusing('only-here'),
  /** Lets devices try again at once. */
  unlock: post('/door/unlock').giving<DoorState>().refusing('only-here'),
  renameDevice: patch('/door/devices/:id')
    .taking(async () => (await schemas()).deviceNameSchema)
    .giving<DoorState>()
    .refusing('not-found', 'only-here'),
  /** Takes a device's key away; a device may do so of its own. */
  putOut: remove('/door/devices/:id').refusing('not-found', 'only-here'),
  deeds: get('/door/devices/:id/deeds').giving<readonly Deed[]>().changingWith('door').refusing('not-found'),
  /** The household's certificate, for a device to trust. */
  certificate: get('/door/certificate').givingFile(),
  calendar: get('/door/calendar').giving<CalendarAddress>().changingWith('door'),
  /** A new secret address; the old one is of no use from then on. */
  renewCalendar: post('/door/calendar').giving<CalendarAddress>(),
};
