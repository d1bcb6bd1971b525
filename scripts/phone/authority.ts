import { execFile } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { NEARBY_NETWORKS } from '../../src/lib/server/plain';

const run = promisify(execFile);
const openssl = (...args: string[]) => run('openssl', args);

const AUTHORITY_DAYS = 3650;
/** Phones take no certificate that is valid for longer. */
const CERTIFICATE_DAYS = 397;
const RENEWED_DAYS_BEFORE = 30;

/** A certificate for this machine, and the authority that vouches for it. */
export interface Trust {
	/** PEM. */
	authority: string;
	certificate: string;
	key: string;
	/** SHA-256 of the authority, as phones show it. */
	fingerprint: string;
}

/**
 * The authority kept in a folder, made when it is first asked for, and a certificate of it for these names and
 * addresses, made anew when they have changed or it runs out. The authority can vouch for names that end in `.local`
 * and for addresses nearby alone (RFC 5280, 4.2.1.10): whoever steals its key can pose as nothing else.
 *
 * @throws where openssl is missing or fails
 */
export async function trustFor(folder: string, names: readonly string[]): Promise<Trust> {
	await mkdir(folder, { recursive: true, mode: 0o700 });
	const at = (name: string) => join(folder, name);
	if (!existsSync(at('authority.crt'))) await makeAuthority(at);
	if (!(await stillGood(at, names))) await makeCertificate(at, names);
	const [authority, certificate, key] = await Promise.all(
		['authority.crt', 'door.crt', 'door.key'].map((name) => readFile(at(name), 'utf8'))
	);
	if (!authority || !certificate || !key) throw new Error(`${folder} holds an empty certificate; remove it.`);
	return { authority, certificate, key, fingerprint: new X509Certificate(authority).fingerprint256 };
}

type At = (name: string) => string;

const NEW_KEY = ['-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-nodes'];

async function makeAuthority(at: At): Promise<void> {
	const permitted = [
		'DNS:local',
		...NEARBY_NETWORKS.map(([network, prefix]) => `IP:${network}/${maskOf(network, prefix)}`)
	];
	await openssl(
		...['req', '-x509', ...NEW_KEY, '-keyout', at('authority.key'), '-out', at('authority.new')],
		...['-days', String(AUTHORITY_DAYS), '-subj', '/CN=Lacewing, made on this computer'],
		...['-addext', 'keyUsage=critical,keyCertSign,cRLSign'],
		...['-addext', `nameConstraints=critical,${permitted.map((name) => `permitted;${name}`).join(',')}`]
	);
	await rename(at('authority.new'), at('authority.crt'));
}

async function makeCertificate(at: At, names: readonly string[]): Promise<void> {
	const alternative = names.map((name) => `${isIP(name) === 0 ? 'DNS' : 'IP'}:${name}`).join(',');
	await writeFile(
		at('extensions'),
		`basicConstraints=critical,CA:FALSE\nkeyUsage=critical,digitalSignature\nextendedKeyUsage=serverAuth\nsubjectAltName=${alternative}\n`
	);
	await openssl(
		'req',
		...NEW_KEY,
		'-keyout',
		at('door.key'),
		'-out',
		at('door.request'),
		'-subj',
		'/CN=Lacewing'
	);
	await openssl(
		...['x509', '-req', '-in', at('door.request'), '-CA', at('authority.crt'), '-CAkey', at('authority.key')],
		...[
			'-CAcreateserial',
			'-days',
			String(CERTIFICATE_DAYS),
			'-extfile',
			at('extensions'),
			'-out',
			at('door.crt')
		]
	);
	await Promise.all(['extensions', 'door.request'].map((name) => rm(at(name))));
}

async function stillGood(at: At, names: readonly string[]): Promise<boolean> {
	if (!existsSync(at('door.crt')) || !existsSync(at('door.key'))) return false;
	const certificate = new X509Certificate(await readFile(at('door.crt')));
	const left = (new Date(certificate.validTo).getTime() - Date.now()) / 86_400_000;
	const covers = (name: string) =>
		isIP(name) === 0 ? certificate.checkHost(name) : certificate.checkIP(name);
	return left > RENEWED_DAYS_BEFORE && names.every((name) => covers(name) !== undefined);
}

/** The mask of a prefix, as openssl writes networks: `255.240.0.0` of 12, `fe00::` of 7. */
export function maskOf(network: string, prefix: number): string {
	if (isIP(network) === 4)
		return [0, 8, 16, 24].map((from) => 256 - 2 ** (8 - Math.min(8, Math.max(0, prefix - from)))).join('.');
	if (prefix > 16) throw new Error(`no mask is written for ${network}/${prefix}`);
	return `${(0x10000 - 2 ** (16 - prefix)).toString(16)}::`;
}
