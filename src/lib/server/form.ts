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
