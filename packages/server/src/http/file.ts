import type { Response } from 'express';

/** Sends a text as a file to be kept. */
export function sendFile(response: Response, type: string, name: string, text: string | Buffer): void {
  response.set('Content-Disposition', `attachment; filename="${name}"`).type(type).send(text);
}
