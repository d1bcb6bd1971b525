import { words, type Message } from './message';

const says = words('schema', {
	expected: 'must be {expected}, not {received}',
	other: 'is not as described'
});

const CARRIED = '\u0001';
/** What was sent is told back as far as it helps to find it. */
const TOLD_BACK = 60;

/** What somebody sent, as a message quotes it: its beginning. */
export const toldBack = (text: string): string =>
	text.length > TOLD_BACK ? `${text.slice(0, TOLD_BACK)}…` : text;

/** A message for a schema, which carries its sentences as text: it is read again by `faultOf`. */
export const fault = (message: Message): string => CARRIED + JSON.stringify(message);

/** What a schema says is wrong: the message that it carries, or what it expected and got where it carries none. */
export function faultOf(issue: { message: string; expected?: string | null; received?: string }): Message {
	if (issue.message.startsWith(CARRIED)) return JSON.parse(issue.message.slice(CARRIED.length)) as Message;
	return issue.expected
		? says('expected', { expected: issue.expected, received: toldBack(issue.received ?? '') })
		: says('other');
}
