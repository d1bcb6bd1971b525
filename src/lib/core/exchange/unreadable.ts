import { InputError } from '../message';

/** A file that cannot be read on: what it says is a sentence for the guide, naming the place. */
export class Unreadable extends InputError {
	override name = 'Unreadable';
}
