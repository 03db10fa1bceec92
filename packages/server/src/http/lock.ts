import type { DoorState } from '@amber-ladle/contract';
import type { Request, RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { onlyHere } from '../kernel/refusal';
import type { Device, Door } from '../door';
import { handOver, keyIn } from './key';

/** A key is handed over again after so long, so that it does not run out in a house that is lived in. */
const HANDED_AGAIN_MILLISECONDS = 24 * 3600_000;

/** Who asks: this machine itself, or a device with a key. */
export function askerOf({ locals }: Response): DoorState['asker'] {
  const device = locals['device'] as Device | undefined;
  return device ? { is: 'device', id: device.id } : { is: 'here' };
}

/** @throws Refusal for a device */
export function mustBeHere(response: Response): void {
  if (askerOf(response).is !== 'here') throw onlyHere();
}

/**
 * Lets pass whoever has a key. What comes without TLS comes from this machine itself, where nothing else is listened to.
 * What a device changes is written down, and what goes on with it ends when it is put out.
 * @param onStranger what becomes of a request without a key
 */
export function lock(
  door: Door,
  logger: Logger,
  onStranger: (request: Request, response: Response) => void,
): RequestHandler {
  const handedAt = new Map<string, number>();
  return (request, response, next) => {
    if (!request.secure) {
      next();
      return;
    }
    const key = keyIn(request);
    const device = door.devices.of(key);
    if (!device || key === undefined) {
      onStranger(request, response);
      return;
    }
    response.locals['device'] = device;
    const now = Date.now();
    if (now - (handedAt.get(device.id) ?? 0) > HANDED_AGAIN_MILLISECONDS) {
      handOver(response, key);
      handedAt.set(device.id, now);
    }
    const ended = door.devices.begins(device.id, request.socket);
    response.once('close', ended);
    const written = (writing: Promise<void>): void =>
      void writing.catch((error: unknown) => {
        logger.error(error);
      });
    written(door.devices.seen(device));
    response.once('finish', () => {
      const { path } = (request.route ?? {}) as { path?: unknown };
      const isChange = !['GET', 'HEAD', 'OPTIONS'].includes(request.method) && response.statusCode < 400;
      if (isChange && typeof path === 'string') written(door.devices.did(device.id, request.method, path));
    });
    next();
  };
}
