import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Every way into the server, from its sources: `POST /api/v1/box`, `page /bank`, `action /circle?invite`. */
export function waysIn(): string[] {
	const ways = new Set<string>();
	for (const entry of readdirSync('src/routes', { recursive: true, withFileTypes: true })) {
		if (!entry.isFile()) continue;
		const route = entry.parentPath.replace(/^src\/routes/, '') || '/';
		const source = readFileSync(join(entry.parentPath, entry.name), 'utf8');
		if (entry.name === '+server.ts')
			for (const [, method] of source.matchAll(/export const ([A-Z]+)\b/g)) ways.add(`${method} ${route}`);
		if (entry.name === '+page.svelte' || entry.name === '+page.server.ts') ways.add(`page ${route}`);
		if (entry.name === '+page.server.ts')
			for (const [, name] of source.matchAll(/^\t(\w+): async/gm)) ways.add(`action ${route}?${name}`);
	}
	return [...ways].sort();
}
