import words from './words';
import { tell } from './tell';
import { error } from '@sveltejs/kit';

/**
 * The fields of a form.
 *
 * @throws 400 where the body is none that can be read
 */
export async function formOf(request: Request): Promise<FormData> {
	try {
		return await request.formData();
	} catch {
		error(400, tell(words('the-form-could-not-be')));
	}
}

/** What stands in a field of text: nothing where there is no such field, or a file in its place. */
export function fieldOf(form: FormData, name: string): string {
	const value = form.get(name);
	return typeof value === 'string' ? value : '';
}
