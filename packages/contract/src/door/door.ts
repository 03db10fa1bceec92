import type { Message } from '@amber-ladle/core/message';
import { boolean, object, string } from 'yup';
import { fault } from '../wire/fault';

/** Shorter than this and a passphrase is guessed; four common words are longer. */
export const LEAST_PASSPHRASE = 14;

export const doorSwitchSchema = object({ isOpen: boolean().required() }).noUnknown();

/** A passphrase of the household, to join by without its code; null takes it away. */
export const passphraseSchema = object({
  passphrase: string()
    .trim()
    .min(LEAST_PASSPHRASE, fault('passphrase', { least: LEAST_PASSPHRASE }))
    .max(200)
    .nullable()
    .defined(),
}).noUnknown();

export const deviceNameSchema = object({
  name: string().trim().required(fault('name')).max(60),
}).noUnknown();

/** A phone, tablet or other machine that has a key of this household. */
export interface Device {
  readonly id: string;
  readonly name: string;
  /** By the household's clock, ISO 8601. */
  readonly joinedAt: string;
  readonly lastSeenAt: string;
}

/** A code to join by: one device, once. */
export interface JoinCode {
  readonly text: string;
  readonly secondsLeft: number;
}

/** What somebody without a key tried at the door. */
export interface DoorTries {
  /** Wrong codes and passphrases since the last one that was right, or since somebody here looked. */
  readonly wrong: number;
  /** Where it is above 0, nobody is let in so long, whatever they say. */
  readonly lockedSeconds: number;
}

/** The door of the household to other devices of its net. */
export interface DoorState {
  /** What the page that asks runs on: the machine of the household itself, or a device that was let in. */
  readonly asker: { readonly is: 'here' } | { readonly is: 'device'; readonly id: string };
  readonly isOpen: boolean;
  /** Why it could not be opened although it is meant to be; nothing where all is well. */
  readonly trouble?: Message;
  /** Where devices find it, the likeliest first. */
  readonly addresses: readonly string[];
  /** SHA-256 of the household's certificate, in pairs of hexadecimal digits, and when it ends (ISO 8601). */
  readonly certificate?: { readonly fingerprint: string; readonly endsAt: string };
  /** Told on the household's own machine only. */
  readonly code?: JoinCode;
  readonly hasPassphrase: boolean;
  readonly tries: DoorTries;
  readonly devices: readonly Device[];
}

/** Something that a device changed. */
export interface Deed {
  readonly at: string;
  readonly method: string;
  /** The address as the contract writes it: `/bowls/:id/wear`. */
  readonly path: string;
}

/** Where a calendar subscribes: an address that nobody guesses, below any of those of the household. */
export interface CalendarAddress {
  readonly path: string;
}
