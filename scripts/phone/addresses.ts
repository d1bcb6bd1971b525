import { isIP } from 'node:net';
import { networkInterfaces } from 'node:os';
import { pathToFileURL } from 'node:url';
import { isNearby } from '../../src/lib/server/plain';

/** This machine's addresses that devices nearby reach, IPv4 first; without those that need a zone. */
export function nearbyAddresses(): string[] {
	return Object.values(networkInterfaces())
		.flat()
		.flatMap((found) => (found && !found.internal && isNearby(found.address) ? [found.address] : []))
		.filter((address) => !address.toLowerCase().startsWith('fe80'))
		.sort((a, b) => isIP(a) - isIP(b));
}

// Run by itself, it prints the first.
if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
	const [first] = nearbyAddresses();
	if (first) console.log(first);
	else {
		console.error('This machine has no address in a private network: connect it to one first.');
		process.exitCode = 1;
	}
}
