import { createHash, randomBytes, randomInt, randomUUID, timingSafeEqual } from 'node:crypto';
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { Socket } from 'node:net';
import { networkInterfaces } from 'node:os';
import { asc, eq } from 'drizzle-orm';
import type { DeviceRole, JoinedDevice, SharingState } from '@lupin/core';
import type { Db } from './db/open.ts';
import { joinedDevices, settings } from './db/schema.ts';
import { Problem } from './problems.ts';
import { Turns } from './turns.ts';

type Handler = (request: IncomingMessage, response: ServerResponse) => void;
type Device = Omit<JoinedDevice, 'isHere'>;

interface Code {
  readonly code: string;
  readonly role: DeviceRole;
  readonly occasion: string;
  readonly until: number;
  wrong: number;
}

/** Letters and digits that are not taken for one another. */
const alphabet = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
const codeLength = 6;
const codeLivesMs = 10 * 60_000;
/** So many wrong codes from one address, and then none for so long; so many in all, and the code is withdrawn. */
const mostWrong = { byAddress: 5, inAll: 15, restMs: 5 * 60_000 };
const mostDevices = 20;
/** So long, in ms, after its last request a device counts as here. */
const hereMs = 30_000;

const digestOf = (token: string): string => createHash('sha256').update(token).digest('hex');
const same = (one: string, other: string): boolean =>
  timingSafeEqual(createHash('sha256').update(one).digest(), createHash('sha256').update(other).digest());

/** This machine's addresses on its networks, IPv4. */
const ownAddresses = (): string[] =>
  Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? []).filter((each) => each.family === 'IPv4' && !each.internal).map((each) => each.address),
  );

/**
 * The second door: closed until the host opens it, on a port of its own that other devices of the home network reach. Who comes through it
 * must have joined with a code, is bound to one occasion, and may only look on or tick.
 */
export class Sharing {
  private readonly turns = new Turns();
  private server: Server | undefined;
  private handler: Handler | undefined;
  private code: Code | undefined;
  private readonly wrong = new Map<string, { count: number; since: number }>();
  private readonly sockets = new WeakSet<Socket>();
  private readonly lines = new Map<string, Set<Socket>>();
  private readonly seen = new Map<string, number>();

  /** `port` 0: any that is free. `address`: where it listens; all networks of this machine, unless a test says otherwise. */
  constructor(
    private readonly db: Db,
    private readonly now: () => Date,
    private readonly port: number,
    private readonly address = '0.0.0.0',
  ) {}

  /** Tells who answers requests, and opens the door where it was open when the server was last stopped. */
  async start(handler: Handler): Promise<void> {
    this.handler = handler;
    const [row] = await this.db.select().from(settings).where(eq(settings.key, 'sharing'));
    if (row?.value !== 'on') return;
    // A port that is taken now must not keep the kitchen from its own plan.
    await this.open().catch((error: unknown) => console.error(`Sharing stays off: ${(error as Error).message}`));
  }

  get isOn(): boolean {
    return this.server !== undefined;
  }

  /** Where it listens; undefined while it does not. */
  boundTo(): { readonly port: number } | undefined {
    const bound = this.server?.address();
    return bound !== null && typeof bound === 'object' ? bound : undefined;
  }

  /** Whether a request came through the second door. */
  isShared(request: IncomingMessage): boolean {
    return this.sockets.has(request.socket);
  }

  private async open(): Promise<void> {
    if (this.server) return;
    const server = createServer((request, response) => this.handler!(request, response));
    server.on('connection', (socket) => this.sockets.add(socket));
    await new Promise<void>((resolve, reject) => {
      server.once('error', (error: NodeJS.ErrnoException) =>
        reject(
          new Problem(
            'sharing-failed',
            error.code === 'EADDRINUSE'
              ? `Port ${this.port} is taken. Choose another with LUPIN_SHARE_PORT.`
              : error.message,
          ),
        ),
      );
      server.listen(this.port, this.address, resolve);
    });
    this.server = server;
  }

  async close(): Promise<void> {
    const { server } = this;
    this.server = undefined;
    this.code = undefined;
    if (!server) return;
    server.closeAllConnections();
    for (const line of this.lines.values()) for (const socket of line) socket.destroy();
    await new Promise<void>((resolve) => server.close(() => resolve()));
  }

  /** Opens or closes the second door; remembered over a restart. */
  switch(on: boolean): Promise<void> {
    return this.turns.take(async () => {
      if (on) await this.open();
      else await this.close();
      const value = on ? 'on' : 'off';
      await this.db
        .insert(settings)
        .values({ key: 'sharing', value })
        .onConflictDoUpdate({ target: settings.key, set: { value } });
    });
  }

  async state(): Promise<SharingState> {
    const port = this.boundTo()?.port ?? this.port;
    const now = this.now().getTime();
    if (this.code && this.code.until <= now) this.code = undefined;
    const rows = await this.db.select().from(joinedDevices).orderBy(asc(joinedDevices.joinedAt));
    return {
      on: this.isOn,
      addresses: this.isOn ? ownAddresses().map((address) => `http://${address}:${port}`) : [],
      code: this.code
        ? {
            code: this.code.code,
            role: this.code.role,
            occasion: this.code.occasion,
            secondsLeft: Math.round((this.code.until - now) / 1000),
          }
        : null,
      devices: rows.map(({ tokenDigest: _digest, ...device }) => ({
        ...device,
        isHere:
          this.isOn && ((this.lines.get(device.id)?.size ?? 0) > 0 || now - (this.seen.get(device.id) ?? 0) < hereMs),
      })),
    };
  }

  /** A new code for one device; the one before is worth nothing any more. */
  newCode(occasion: string, role: DeviceRole): void {
    if (!this.isOn) throw new Problem('sharing-off', 'Switch it on first.');
    const code = Array.from({ length: codeLength }, () => alphabet[randomInt(alphabet.length)]).join('');
    this.code = { code, role, occasion, until: this.now().getTime() + codeLivesMs, wrong: 0 };
  }

  /** Joins with the code that the host's screen shows. Once used it is gone; guessed at, it is withdrawn. */
  join(typed: string, name: string, address: string): Promise<{ readonly token: string; readonly device: Device }> {
    return this.turns.take(async () => {
      const now = this.now().getTime();
      for (const [from, tries] of this.wrong) if (now - tries.since > mostWrong.restMs) this.wrong.delete(from);
      const tries = this.wrong.get(address) ?? { count: 0, since: now };
      if (tries.count >= mostWrong.byAddress)
        throw new Problem(
          'too-many-tries',
          `Wait ${Math.ceil((tries.since + mostWrong.restMs - now) / 60_000)} min, then ask for a new code.`,
          { retryAfterSeconds: Math.ceil((tries.since + mostWrong.restMs - now) / 1000) },
        );
      const { code } = this;
      const plain = typed.toUpperCase().replace(/[^A-Z0-9]/g, '');
      if (!code || code.until <= now || !same(plain, code.code)) {
        this.wrong.set(address, { count: tries.count + 1, since: now });
        if (code && ++code.wrong >= mostWrong.inAll) this.code = undefined;
        throw new Problem(
          'wrong-code',
          'Look at the host’s screen: a code is good for ten minutes and for one device.',
        );
      }
      const known = await this.db.select({ id: joinedDevices.id }).from(joinedDevices);
      if (known.length >= mostDevices)
        throw new Problem('not-allowed', `At most ${mostDevices} devices. The host can take some out.`);
      this.code = undefined;
      this.wrong.delete(address);
      const token = randomBytes(32).toString('base64url');
      const device = {
        id: randomUUID(),
        name,
        role: code.role,
        occasion: code.occasion,
        joinedAt: this.now().toISOString(),
      };
      await this.db.insert(joinedDevices).values({ ...device, tokenDigest: digestOf(token) });
      this.seen.set(device.id, now);
      return { token, device };
    });
  }

  /** The device that holds a token; undefined for none, or one that was taken out. Its line is closed when it is. */
  async deviceOf(token: string | undefined, socket: Socket): Promise<Device | undefined> {
    if (!token) return undefined;
    const [row] = await this.db
      .select()
      .from(joinedDevices)
      .where(eq(joinedDevices.tokenDigest, digestOf(token)));
    if (!row) return undefined;
    const { tokenDigest: _digest, ...device } = row;
    this.seen.set(device.id, this.now().getTime());
    const line = this.lines.get(device.id) ?? new Set();
    this.lines.set(device.id, line);
    if (!line.has(socket)) {
      line.add(socket);
      socket.once('close', () => line.delete(socket));
    }
    return device;
  }

  /** Takes a device out: its token is worth nothing from now on, and what it has open is closed. */
  revoke(id: string): Promise<void> {
    return this.turns.take(async () => {
      const gone = await this.db
        .delete(joinedDevices)
        .where(eq(joinedDevices.id, id))
        .returning({ id: joinedDevices.id });
      if (gone.length === 0) throw new Problem('unknown-device', 'It has been taken out already.');
      for (const socket of this.lines.get(id) ?? []) socket.destroy();
      this.lines.delete(id);
      this.seen.delete(id);
    });
  }
}
