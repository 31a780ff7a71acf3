import { isIPv6 } from 'node:net'

/**
 * The name under which wrong tries of an address are counted: an IPv4 address by itself, an IPv6 address by its network of 64 bits, since
 * whoever has one of these has all of its addresses.
 */
export function networkOf(address: string): string {
  const bare = address.replace(/%.*$/, '')
  if (!isIPv6(bare)) return bare
  const [head = '', tail] = bare.split('::')
  const left = head === '' ? [] : head.split(':')
  const right = tail === undefined || tail === '' ? [] : tail.split(':')
  const groups = tail === undefined ? left : [...left, ...Array.from({ length: Math.max(0, 8 - left.length - right.length) }, () => '0'), ...right]
  return `${groups
    .slice(0, 4)
    .map((group) => Number.parseInt(group, 16).toString(16))
    .join(':')}::/64`
}
