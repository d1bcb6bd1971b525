import type { IncomingMessage } from 'node:http';
import type { Account } from '$lib/server/account';

declare global {
	namespace App {
		interface Locals {
			account: Account | undefined;
			/** The page goes over plain HTTP through a private network. */
			openToReaders: boolean;
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
