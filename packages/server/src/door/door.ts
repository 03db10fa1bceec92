import type { Message } from '@amber-ladle/core/message';
import { message } from '@amber-ladle/core/message';
import type { DoorState, DoorTries, JoinCode } from '@amber-ladle/contract';
import type { DataSource } from 'typeorm';
import type { Clock } from '../kernel/clock';
import type { Events } from '../kernel/events';
import { inUse } from '../kernel/refusal';
import { isOutdated, newAuthority, newCertificate, seenBy, type Credentials } from './certificate';
import { hashOf, newCode, newSecret, plainCode } from './codes';
import { openDoorDatabase } from './database';
import { Devices } from './devices';
import type { HouseNames } from './houseNet';
import { keep, readKept } from './kept';
import { hashOfPassphrase, isPassphrase } from './passphrase';
import { Tries } from './tries';

const CODE_MILLISECONDS = 10 * 60_000;

/** Where the door leads out to: a listener on the net of the house, or nothing where there is none. */
export interface Way {
  /** Opens or closes it. What stands in the way is said by `trouble`. */
  follow(isOpen: boolean): Promise<void>;
  readonly addresses: readonly string[];
  readonly trouble: Message | undefined;
}
const NO_WAY: Way = { follow: () => Promise.resolve(), addresses: [], trouble: undefined };

/** How joining ended. */
export type Joined =
  | { readonly is: 'in'; readonly key: string }
  | { readonly is: 'wrong' }
  | { readonly is: 'slowed'; readonly seconds: number; readonly isLocked: boolean };

/** The door of a household to other devices: whether it is open, who has a key, and how one is got. */
export class Door {
  readonly tries: Tries;
  way: Way = NO_WAY;
  isOpen = false;
  private code: { readonly text: string; readonly endsAt: number } | undefined;
  private passphraseHash: string | undefined;

  private constructor(
    private readonly source: DataSource,
    readonly devices: Devices,
    private readonly events: Events,
    private readonly now: () => number,
  ) {
    this.tries = new Tries(now);
  }

  /**
   * @param file of its own, beside the household's
   * @param clock the household's, for what is shown to people
   * @param now the world's present, milliseconds: certificates and codes end by it, whatever clock the demo has
   */
  static async open(file: string, clock: Clock, events: Events, now: () => number = Date.now): Promise<Door> {
    const source = await openDoorDatabase(file);
    const door = new Door(source, await Devices.read(source, clock), events, now);
    door.isOpen = (await readKept(source, 'isOpen')) ?? false;
    door.passphraseHash = await readKept(source, 'passphraseHash');
    return door;
  }

  close(): Promise<void> {
    return this.source.destroy();
  }

  /** Opens or closes it, for good. */
  async turn(isOpen: boolean): Promise<void> {
    await keep(this.source, 'isOpen', isOpen);
    this.isOpen = isOpen;
    if (!isOpen) this.code = undefined;
    await this.way.follow(isOpen);
    this.changed();
  }

  /** A certificate for these names, made or renewed where it must be, and the authority behind it. */
  async credentials(names: HouseNames): Promise<Credentials> {
    const authority = await this.authority();
    const held = await readKept(this.source, 'certificate');
    if (held && !isOutdated(held, names, this.now())) return this.chain(held, authority);
    const made = await newCertificate(authority, names, this.now());
    await keep(this.source, 'certificate', made);
    return this.chain(made, authority);
  }
  private async newAuthority(): Promise<Credentials> {
    const made = await newAuthority(this.now());
    await keep(this.source, 'authority', made);
    return made;
  }
  private readonly chain = ({ certificate, key }: Credentials, authority: Credentials): Credentials => ({
    certificate: `${certificate}\n${authority.certificate}`,
    key,
  });

  /** What a device trusts, made when it is first asked for. */
  private async authority(): Promise<Credentials> {
    return (await readKept(this.source, 'authority')) ?? (await this.newAuthority());
  }
  /** The household's certificate, PEM. */
  async certificate(): Promise<string> {
    return (await this.authority()).certificate;
  }

  /** A code for one device; the one before is of no use any more. @throws Refusal where the door is closed */
  newCode(): JoinCode {
    if (!this.isOpen) throw inUse(message('refusal.door-closed'), message('refusal.open-the-door'));
    this.code = { text: newCode(), endsAt: this.now() + CODE_MILLISECONDS };
    this.changed();
    return { text: this.code.text, secondsLeft: CODE_MILLISECONDS / 1000 };
  }
  private currentCode(): JoinCode | undefined {
    if (!this.code) return undefined;
    const secondsLeft = Math.round((this.code.endsAt - this.now()) / 1000);
    return secondsLeft > 0 ? { text: this.code.text, secondsLeft } : undefined;
  }

  /** @param passphrase null takes it away */
  async setPassphrase(passphrase: string | null): Promise<void> {
    this.passphraseHash = passphrase === null ? undefined : await hashOfPassphrase(passphrase);
    await keep(this.source, 'passphraseHash', this.passphraseHash);
    this.changed();
  }

  /**
   * Lets a device in that says the code of the moment or the household's passphrase.
   * @param name what it calls itself
   */
  async join(said: string, name: string): Promise<Joined> {
    if (!this.tries.begin()) {
      const seconds = Math.ceil(this.tries.waitMilliseconds / 1000);
      return { is: 'slowed', seconds, isLocked: this.tries.isLocked };
    }
    const code = this.currentCode();
    const isCode = code !== undefined && hashOf(plainCode(said)) === hashOf(plainCode(code.text));
    // Taken before anything is waited for: it lets in one and no more.
    if (isCode) this.code = undefined;
    const isIn = (await isPassphrase(said, this.passphraseHash)) || isCode;
    if (isIn) this.tries.forget();
    // Ten wrong ones, and the code is of no use any more.
    else if (this.tries.isLocked) this.code = undefined;
    const joined: Joined = isIn ? { is: 'in', key: await this.devices.add(name) } : { is: 'wrong' };
    this.changed();
    return joined;
  }

  unlock(): void {
    this.tries.forget();
    this.changed();
  }

  /** @param but what is to be answered still: a device that goes by itself is told that it went */
  async putOut(id: string, but?: object): Promise<void> {
    await this.devices.putOut(id, but);
    this.changed();
  }

  async rename(id: string, name: string): Promise<void> {
    await this.devices.rename(id, name);
    this.changed();
  }

  /** The secret step of the calendar's address. */
  async calendarSecret(): Promise<string> {
    return (await readKept(this.source, 'calendarSecret')) ?? (await this.renewCalendar());
  }
  async renewCalendar(): Promise<string> {
    const secret = newSecret();
    await keep(this.source, 'calendarSecret', secret);
    return secret;
  }
  async isCalendarSecret(said: string): Promise<boolean> {
    const secret = await readKept(this.source, 'calendarSecret');
    // By their hashes: comparing takes as long wherever they differ.
    return secret !== undefined && hashOf(secret) === hashOf(said);
  }

  /** @param asker who asks; the code is told here only */
  async state(asker: DoorState['asker']): Promise<DoorState> {
    const certificate = this.isOpen ? await this.certificate() : undefined;
    const code = asker.is === 'here' ? this.currentCode() : undefined;
    const tries: DoorTries = {
      wrong: this.tries.wrong,
      lockedSeconds: this.tries.isLocked ? Math.ceil(this.tries.waitMilliseconds / 1000) : 0,
    };
    return {
      asker,
      isOpen: this.isOpen,
      ...(this.way.trouble === undefined ? {} : { trouble: this.way.trouble }),
      addresses: this.way.addresses,
      ...(certificate ? { certificate: seenBy(certificate) } : {}),
      ...(code ? { code } : {}),
      hasPassphrase: this.passphraseHash !== undefined,
      tries,
      devices: this.devices.list(),
    };
  }

  private changed(): void {
    this.events.tell('door');
  }
}
