/** A file that cannot be read on: the message is a sentence for the guide, naming the place. */
export class Unreadable extends Error {
	override name = 'Unreadable';
}
