/**
 * The door for phones in the same network: TLS in front of the app, with a certificate of an authority that the phone
 * is asked to trust once. Without TLS it serves this machine alone, and others only the page on which a phone gets
 * that authority. `bin/start --phone` opens it.
 *
 *   APP      the app's own address, on loopback       PORT      without TLS
 *   FOLDER   where authority and certificate are kept  TLS_PORT  with TLS
 *   NAME     the name that phones use, in .local
 */
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { isIP } from 'node:net';
import { createProxyServer } from 'httpxy';
import multicastDns from 'multicast-dns';
import { renderUnicodeCompact } from 'uqr';
import { nearbyAddresses } from './addresses';
import { trustFor } from './authority';
import { trustPage } from './trust-page';

const need = (name: string): string => {
	const value = process.env[name];
	if (!value) throw new Error(`${name} is not set.`);
	return value;
};
const [port, tlsPort, name] = [Number(need('PORT')), Number(need('TLS_PORT')), need('NAME').toLowerCase()];
if (!/^[a-z0-9-]{1,63}\.local$/.test(name)) {
	console.error(
		`"${name}" is no name for phones: one word of letters, digits and hyphens that ends in .local.`
	);
	process.exit(1);
}
const addresses = nearbyAddresses();
const trust = await trustFor(need('FOLDER'), [name, ...addresses]);
const secureHome = `https://${name}:${tlsPort}`;

const proxy = createProxyServer({ target: need('APP') });
proxy.on('error', (_error, _request, response) => {
	if (response && 'writeHead' in response && !response.headersSent)
		response.writeHead(503, { 'retry-after': '2' }).end('The app does not answer just now.\n');
	else response?.destroy();
});
// Kept for a year, it would keep phones from the page that is served without TLS, on which trust is renewed.
proxy.on('proxyRes', (answer) => delete answer.headers['strict-transport-security']);

const isLoopback = (address = '') => address === '::1' || /^(::ffff:)?127\./.test(address);
const hostOf = (request: IncomingMessage): string =>
	(request.headers.host ?? '')
		.replace(/:\d+$/, '')
		.replace(/^\[|\]$/g, '')
		.toLowerCase();

/** Hands a request to the app, with where it came from; whatever it says of that itself is not believed. */
function passOn(request: IncomingMessage, response: ServerResponse, protocol: 'http' | 'https'): void {
	request.headers['x-forwarded-for'] = request.socket.remoteAddress ?? '';
	request.headers['x-forwarded-proto'] = protocol;
	request.headers['x-forwarded-host'] = request.headers.host ?? '';
	void proxy.web(request, response);
}

function misdirected(response: ServerResponse): void {
	response
		.writeHead(421, { 'content-type': 'text/plain; charset=utf-8' })
		.end('Lacewing has no such name.\n');
}

const secure = createSecureServer({ cert: trust.certificate, key: trust.key }, (request, response) => {
	if (![name, 'localhost', ...addresses].includes(hostOf(request))) misdirected(response);
	else passOn(request, response, 'https');
});
const plain = createServer((request, response) => {
	if (isLoopback(request.socket.remoteAddress)) {
		if (hostOf(request) !== 'localhost' && !isLoopback(hostOf(request))) misdirected(response);
		else passOn(request, response, 'http');
	} else if (request.url === '/authority.crt')
		response
			.writeHead(200, {
				'content-type': 'application/x-x509-ca-cert',
				'content-disposition': 'attachment; filename="lacewing-authority.crt"'
			})
			.end(trust.authority);
	else
		response
			.writeHead(200, { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' })
			.end(trustPage({ fingerprint: trust.fingerprint, secureHome }));
});
for (const server of [secure, plain]) {
	// Slow but steady files of an hour are taken; the app itself bounds what comes in.
	server.requestTimeout = 0;
	server.on('clientError', (_error, socket) => socket.destroy());
}
plain.listen(port);
secure.listen(tlsPort);

/** Answers who asks the network for the name, so that no other service is needed for it. */
const responder = multicastDns();
responder.on('error', (error: Error) =>
	console.error(`The name ${name} is not told in the network: ${error.message}`)
);
responder.on('query', ({ questions = [] }) => {
	if (!questions.some((asked) => asked.name.toLowerCase() === name && ['A', 'ANY'].includes(asked.type)))
		return;
	const answers = addresses
		.filter((address) => isIP(address) === 4)
		.map((data) => ({ name, type: 'A' as const, ttl: 120, data }));
	if (answers.length > 0) responder.respond(answers);
});

/** As it stands in an address. */
const written = (address: string) => (isIP(address) === 6 ? `[${address}]` : address);
const byNumber = addresses[0] && written(addresses[0]);
const trustHome = `http://${byNumber ?? name}:${port}`;
console.log(`
On the phone, once: open ${trustHome} and follow what it says. The authority's fingerprint is
${trust.fingerprint}
After that Lacewing is at ${secureHome}${byNumber ? `, or where that name is not found at https://${byNumber}:${tlsPort}` : ''}.
${byNumber ? renderUnicodeCompact(trustHome) : 'This machine has no address in a private network: connect it to one first.'}`);

for (const signal of ['SIGTERM', 'SIGINT'] as const)
	process.once(signal, () => {
		responder.destroy();
		for (const server of [secure, plain]) {
			server.close();
			server.closeAllConnections();
		}
	});
