import { BlockList, isIP } from 'node:net';

/** Networks that are reached from nearby alone: network, length of its prefix. Source: RFC 6890, RFC 4193, RFC 4291. */
export const NEARBY_NETWORKS = [
	['10.0.0.0', 8],
	['172.16.0.0', 12],
	['192.168.0.0', 16],
	['169.254.0.0', 16],
	['100.64.0.0', 10],
	['192.0.2.0', 24],
	['198.18.0.0', 15],
	['198.51.100.0', 24],
	['203.0.113.0', 24],
	['fc00::', 7],
	['fe80::', 10]
] as const;

const nearby = new BlockList();
for (const [network, prefix] of NEARBY_NETWORKS)
	nearby.addSubnet(network, prefix, isIP(network) === 4 ? 'ipv4' : 'ipv6');

/** Whether an address is one that only devices nearby reach. */
export function isNearby(address: string): boolean {
	const family = isIP(address);
	return family !== 0 && nearby.check(address, family === 4 ? 'ipv4' : 'ipv6');
}

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);

/** Whether the page came over plain HTTP from another device of a private network: anybody in it can read along. */
export function isOpenToReaders(url: URL): boolean {
	if (url.protocol !== 'http:' || LOOPBACK.has(url.hostname)) return false;
	const address = url.hostname.replace(/^\[|\]$/g, '');
	return isIP(address) === 0 ? url.hostname.endsWith('.local') : isNearby(address);
}

/** Whether a cookie may go without TLS: on this machine, and on a private network, with a warning. */
export const mayBePlain = (url: URL): boolean => LOOPBACK.has(url.hostname) || isOpenToReaders(url);
