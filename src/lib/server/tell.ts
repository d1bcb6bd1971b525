import { sayMessage, type Message } from '$lib/core/message';
import { languageTag, loadLanguage } from '$lib/languages';

const language = await loadLanguage(languageTag(process.env['LACEWING_LANGUAGE']));

/** A message for a program, or for whoever is not known yet: in metric units, in the server's language. */
export const tell = (message: Message): string => sayMessage(message, { language });
