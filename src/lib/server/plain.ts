import { BlockList, isIP } from 'node:net';

/** Networks that are somebody's own (RFC 1918, RFC 4193) or only this link's (RFC 3927, RFC 4291). */
const OWN_NETWORKS = new BlockList();
for (const [network, prefix, family] of [
	['10.0.0.0', 8, 'ipv4'],
	['172.16.0.0', 12, 'ipv4'],
	['192.168.0.0', 16, 'ipv4'],
	['169.254.0.0', 16, 'ipv4'],
	['fc00::', 7, 'ipv6'],
	['fe80::', 10, 'ipv6']
] as const)
	OWN_NETWORKS.addSubnet(network, prefix, family);

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);

/** Whether the page came over plain HTTP from another device of a private network: anybody in it can read along. */
export function isOpenToReaders(url: URL): boolean {
	if (url.protocol !== 'http:' || LOOPBACK.has(url.hostname)) return false;
	const address = url.hostname.replace(/^\[|\]$/g, '');
	const family = isIP(address);
	if (family === 0) return url.hostname.endsWith('.local');
	return OWN_NETWORKS.check(address, family === 4 ? 'ipv4' : 'ipv6');
}

/** Whether a cookie may go without TLS: on this machine, and on a private network, with a warning. */
export const mayBePlain = (url: URL): boolean => LOOPBACK.has(url.hostname) || isOpenToReaders(url);
