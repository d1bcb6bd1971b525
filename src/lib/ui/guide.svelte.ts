import { ACCOUNT_HEADER } from '$lib/protocol';

/** The guide whose pages these are, in this tab of this browser; on the server there is none. */
export const guide = $state<{ id: string | undefined; signedOut: boolean }>({
	id: undefined,
	signedOut: false
});

/**
 * Asks our server for something as the guide whose page it is: it refuses where the session has lapsed, or where
 * another guide has signed in on this device since.
 */
export async function fetchAsGuide(path: string, init: RequestInit = {}): Promise<Response> {
	const headers = new Headers(init.headers);
	if (guide.id !== undefined) headers.set(ACCOUNT_HEADER, guide.id);
	const response = await fetch(path, { ...init, headers });
	if (response.status === 401) guide.signedOut = true;
	else if (response.ok) guide.signedOut = false;
	return response;
}

/** Tells other tabs whose pages these are: those of another guide begin anew. Answers with the way to stop. */
export function tellTabs(id: string): () => void {
	const channel = new BroadcastChannel('lacewing-guide');
	channel.onmessage = ({ data }) => {
		if (data !== id) location.reload();
	};
	channel.postMessage(id);
	return () => channel.close();
}
