import { hostname, networkInterfaces } from 'node:os';
import type { MiddlewareHandler } from 'hono';

const LOOPBACK = ['localhost', '127.0.0.1', '::1'] as const;

/** A host as a browser sends it, without its port: `[::1]:4310` and `Boat.local.` as `::1` and `boat.local`. */
export function hostName(header: string): string {
  const text = header.trim().toLowerCase();
  const bracketed = /^\[([^\]]*)\](:\d+)?$/.exec(text);
  const bare = bracketed ? bracketed[1]! : text.replace(/:\d+$/, '');
  return bare.replace(/\.$/, '').replace(/%.*$/, '');
}

/** Addresses and names this machine is reached by from its own networks. */
export function ownNames(): string[] {
  const addresses = Object.values(networkInterfaces()).flatMap((list) => (list ?? []).map(({ address }) => address));
  const name = hostname().toLowerCase();
  return [...addresses, name, `${name.split('.')[0]!}.local`].map(hostName);
}

/** Names a server answers to, told at its start. */
export interface Names {
  /** whether other machines may reach it: then this machine's own addresses and name count too */
  readonly open: boolean;
  readonly more: readonly string[];
}

/** @returns whether a name is one this server was told of; asked anew each time, since a laptop changes its networks */
export function isKnown(name: string, { open, more }: Names): boolean {
  return (
    LOOPBACK.some((own) => own === name) ||
    more.some((own) => hostName(own) === name) ||
    (open && ownNames().includes(name))
  );
}

/**
 * Answers only who asks for a name it was told: a page of a stranger that has its own name point here is kept out.
 */
export const onlyKnownHosts =
  (names: Names): MiddlewareHandler =>
  async (c, next) => {
    const name = hostName(c.req.header('host') ?? new URL(c.req.url).host);
    if (isKnown(name, names)) return next();
    return c.text(
      `This server was not told that it is called "${name.slice(0, 80).replace(/[^\w.:-]/g, '?')}". If it is, start it with --name and that name.\n`,
      421,
    );
  };
