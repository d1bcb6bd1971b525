import { sayMessage, type Message } from '$lib/core/message';

/** A message for whoever asked, in metric units. */
export const tell = (message: Message): string => sayMessage(message);
