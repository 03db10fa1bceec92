import { message, type Message } from '@amber-ladle/core/message';
import type { RequestListener } from 'node:http';
import { createServer, type Server } from 'node:https';
import type { AddressInfo, Socket } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import type { Logger } from 'pino';
import type { Door, Way } from './door';
import { houseNames, inLink, isOfHouseNet, type HouseNames } from './houseNet';

/** What came before is broken. Source: RFC 8996. */
const LEAST_TLS = 'TLSv1.2';
/** Names and certificate are looked after so often: a laptop comes into another net. */
const LOOKED_AFTER_MILLISECONDS = 60_000;

/** A house has few devices, each with six connections at most; whoever takes all of them keeps others out, and takes no memory. */
const MOST_CONNECTIONS = 256;

export interface DoorwayOptions {
  readonly port: number;
  /** One address to listen at; every one where it is left out. */
  readonly host?: string | undefined;
  /** Names and addresses that somebody has given this machine beside its own. */
  readonly furtherNames: readonly string[];
}

/** Listens on the net of the house by TLS, as long as the door is open. */
export class Doorway implements Way {
  private server: Server | undefined;
  private found: HouseNames = { names: [], addresses: [] };
  private credentials = '';
  private readonly lookAfter: NodeJS.Timeout;
  trouble: Message | undefined;

  constructor(
    private readonly door: Door,
    private readonly app: RequestListener,
    private readonly options: DoorwayOptions,
    private readonly logger: Logger,
  ) {
    this.lookAfter = setInterval(() => {
      if (this.server) void this.follow(true);
    }, LOOKED_AFTER_MILLISECONDS);
    this.lookAfter.unref();
  }

  /** Where it is found; names that hold wherever the machine gets its address from come after what surely leads here. */
  get addresses(): readonly string[] {
    const port = (this.server?.address() as AddressInfo | null | undefined)?.port;
    if (port === undefined) return [];
    return [...this.found.addresses, ...this.found.names].map((name) => `https://${inLink(name)}:${port}`);
  }

  /** What a request may call it by. */
  hosts(): ReadonlySet<string> {
    return new Set([...this.found.names, ...this.found.addresses.map(inLink)]);
  }

  async follow(isOpen: boolean): Promise<void> {
    try {
      await (isOpen ? this.open() : this.shut());
      this.trouble = undefined;
    } catch (error) {
      this.logger.error(error);
      this.trouble =
        (error as NodeJS.ErrnoException).code === 'EADDRINUSE'
          ? message('door.port-taken', { port: this.options.port })
          : message('door.no-net');
    }
  }

  async end(): Promise<void> {
    clearInterval(this.lookAfter);
    await this.shut();
  }

  private async open(): Promise<void> {
    this.found = houseNames(networkInterfaces(), hostname(), this.options.furtherNames);
    const { certificate, key } = await this.door.credentials(this.found);
    if (this.server) {
      // Who is in stays in; who comes from now on sees the new one.
      if (certificate !== this.credentials)
        this.server.setSecureContext({ cert: certificate, key, minVersion: LEAST_TLS });
      this.credentials = certificate;
      return;
    }
    const server = createServer({ cert: certificate, key, minVersion: LEAST_TLS }, this.app);
    server.on('connection', (socket: Socket) => {
      if (!isOfHouseNet(socket.remoteAddress)) socket.destroy();
    });
    server.maxConnections = MOST_CONNECTIONS;
    // Whoever does not trust the certificate breaks off: no fault of ours.
    server.on('tlsClientError', () => undefined);
    await new Promise<void>((resolve, reject) => {
      server.once('error', reject);
      server.listen({ port: this.options.port, ...(this.options.host ? { host: this.options.host } : {}) }, resolve);
    });
    this.server = server;
    this.credentials = certificate;
  }

  private async shut(): Promise<void> {
    const { server } = this;
    if (!server) return;
    this.server = undefined;
    const closed = new Promise<void>((resolve) => {
      server.close(() => {
        resolve();
      });
    });
    // Everybody goes at once, streams too.
    server.closeAllConnections();
    await closed;
  }
}
