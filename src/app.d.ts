import type { Account } from '$lib/server/accounts';

declare global {
	namespace App {
		interface Locals {
			account: Account | undefined;
		}
		interface Error {
			message: string;
			/** Under which the log has the whole story. */
			reference?: string;
		}
	}
}

export {};
