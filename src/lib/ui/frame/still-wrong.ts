/** Goes to the first field that holds what does not read; answers whether there is one, and nothing may be saved yet. */
export function stillWrong(within: ParentNode = document): boolean {
	const field = within.querySelector<HTMLElement>('[aria-invalid="true"]');
	field?.focus();
	return field !== null;
}
