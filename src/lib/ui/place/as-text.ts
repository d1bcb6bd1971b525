/** A label for the map, which takes strings for HTML: a name is text, whatever it holds. */
export function asText(said: string): HTMLElement {
	const element = document.createElement('span');
	element.textContent = said;
	return element;
}
