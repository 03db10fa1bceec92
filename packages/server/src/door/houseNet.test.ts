import { expect, it } from 'vitest';
import { houseNames, isHouseName, isOfHouseNet } from './houseNet';

/** Borders of the ranges, from RFC 1918, 3927, 4193, 4291 and 6598; the outside from RFC 5737 and 3849. */
it.each([
  ['10.255.255.255', true],
  ['11.0.0.0', false],
  ['172.16.0.1', true],
  ['172.31.255.255', true],
  ['172.32.0.0', false],
  ['192.168.0.1', true],
  ['192.169.0.1', false],
  ['169.254.7.7', true],
  ['100.64.0.1', true],
  ['100.128.0.0', false],
  ['127.0.0.2', true],
  ['::1', true],
  ['fd00::2', true],
  ['fe80::1%eth0', true],
  ['fec0::1', false],
  ['2001:db8::1', false],
  ['::ffff:192.168.1.20', true],
  ['::ffff:203.0.113.9', false],
  ['203.0.113.9', false],
  ['', false],
  [undefined, false],
])('%s is of a house net: %s', (address, is) => {
  expect(isOfHouseNet(address)).toBe(is);
});

it.each([
  ['kitchen.local', true],
  ['ladle.home.arpa', true],
  ['localhost', true],
  ['ladle.example', false],
  ['local.example', false],
  ['notlocal', false],
  ['bad_name.local', false],
  ['-a.local', false],
])('%s is a name of a house net: %s', (name, is) => {
  expect(isHouseName(name)).toBe(is);
});

it('finds a machine by what it is reached by, the likeliest first', () => {
  const one = (address: string, internal = false) =>
    ({
      address,
      internal,
      netmask: '',
      mac: '',
      cidr: null,
      family: address.includes(':') ? 'IPv6' : 'IPv4',
      scopeid: 0,
    }) as never;
  const interfaces = {
    lo: [one('127.0.0.1', true)],
    wifi: [one('fe80::1'), one('fd00::2'), one('192.168.1.20'), one('203.0.113.9')],
    none: undefined,
  };
  expect(houseNames(interfaces, 'Kitchen-Laptop.example.com', ['ladle.lan', '10.0.0.7'])).toEqual({
    names: ['ladle.lan', 'kitchen-laptop.local'],
    addresses: ['10.0.0.7', '192.168.1.20', 'fd00::2'],
  });
  expect(houseNames({}, 'odd_name')).toEqual({ names: [], addresses: [] });
});
