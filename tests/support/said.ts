import { sayMessage, type Message, type Reader } from '../../src/lib/core/message';

/** What a message reads as; nothing where there is none. */
export const said = (message: Message | undefined, reader?: Reader): string =>
	message ? sayMessage(message, reader) : '';
