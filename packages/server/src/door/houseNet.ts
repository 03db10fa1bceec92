import { BlockList, isIP, isIPv4, isIPv6 } from 'node:net';
import type { NetworkInterfaceInfo } from 'node:os';

/**
 * Addresses that no net but one's own leads to.
 * Sources: RFC 1918 (private), RFC 3927 and 4291 (link-local), RFC 4193 (unique local), RFC 6598 (shared, used by private overlays).
 */
export const HOUSE_RANGES = [
  '127.0.0.0/8',
  '10.0.0.0/8',
  '172.16.0.0/12',
  '192.168.0.0/16',
  '169.254.0.0/16',
  '100.64.0.0/10',
  '::1/128',
  'fc00::/7',
  'fe80::/10',
] as const;

/** Names that are given within a house net only: RFC 6762 (local), RFC 8375 (home.arpa), ICANN 2024 (internal), and what routers use. */
export const HOUSE_SUFFIXES = ['localhost', 'local', 'home.arpa', 'internal', 'lan', 'home'] as const;

const ranges = new BlockList();
for (const range of HOUSE_RANGES) {
  const [net = '', bits] = range.split('/');
  ranges.addSubnet(net, Number(bits), isIPv4(net) ? 'ipv4' : 'ipv6');
}

/**
 * True for an address of this machine or of a net of its own.
 * @param address IPv4, IPv6 or IPv4 within IPv6, as a socket gives it
 * @example isOfHouseNet('::ffff:192.168.1.20') // true
 * @example isOfHouseNet('203.0.113.9') // false
 */
export function isOfHouseNet(address: string | undefined): boolean {
  const plain = (address ?? '').replace(/%.*$/, '');
  return isIP(plain) !== 0 && ranges.check(plain, isIPv6(plain) ? 'ipv6' : 'ipv4');
}

/**
 * True for a name that nobody outside can own.
 * @example isHouseName('ladle.home.arpa') // true
 * @example isHouseName('ladle.example') // false
 */
export const isHouseName = (name: string): boolean =>
  /^[a-z0-9]([a-z0-9-]*[a-z0-9])?(\.[a-z0-9]([a-z0-9-]*[a-z0-9])?)*$/.test(name) &&
  HOUSE_SUFFIXES.some((suffix) => name === suffix || name.endsWith(`.${suffix}`));

/** By what this machine is found in its net. */
export interface HouseNames {
  /** Names, lower case. */
  readonly names: readonly string[];
  /** IPv4 and IPv6, the likeliest to be typed first. */
  readonly addresses: readonly string[];
}

/**
 * What this machine is found by in the net of the house, as it is now.
 * @param interfaces as `os.networkInterfaces()` gives them
 * @param hostname as `os.hostname()` gives it; found as `<hostname>.local` where the system announces it
 * @param further names and addresses that somebody has given it beside
 */
export function houseNames(
  interfaces: Readonly<Record<string, readonly NetworkInterfaceInfo[] | undefined>>,
  hostname: string,
  further: readonly string[] = [],
): HouseNames {
  const outer = Object.values(interfaces)
    .flatMap((of) => of ?? [])
    .filter(({ internal, address }) => !internal && isOfHouseNet(address) && !address.startsWith('fe80'))
    .map(({ address }) => address);
  const addresses = [...further.filter((one) => isIP(one)), ...outer.filter(isIPv4), ...outer.filter(isIPv6)];
  const [first = ''] = hostname.toLowerCase().split('.');
  const announced = `${first}.local`;
  const names = [...further.filter((one) => !isIP(one)), ...(isHouseName(announced) ? [announced] : [])];
  return { names: [...new Set(names)], addresses: [...new Set(addresses)] };
}

/** An address as it stands in a link. */
export const inLink = (name: string): string => (isIPv6(name) ? `[${name}]` : name);
