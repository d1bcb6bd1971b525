import type { IncomingMessage } from 'node:http';
import type { Account } from '$lib/server/accounts';

declare global {
	namespace App {
		interface Locals {
			account: Account | undefined;
		}
		interface Platform {
			/** The request as Node has it; not there in tests of single parts. */
			req: IncomingMessage;
		}
		interface Error {
			message: string;
			/** Under which the log has the whole story. */
			reference?: string;
		}
	}
}

export {};
