import { cleanup, render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import Stepper from './Stepper.svelte';

/** A stepper for the water's temperature, and the guide's hands. */
function stepper(given: { value?: number; least?: number; most?: number } = {}) {
	render(Stepper, {
		label: 'Water',
		value: given.value,
		measure: 'temperatureC',
		usual: 8.13,
		steps: [0.1, 1],
		least: given.least ?? 0,
		most: given.most ?? 30
	});
	const pad = (name: string) => screen.getByRole('button', { name });
	const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Water' });
	return { user: userEvent.setup(), pad, field };
}

describe('the stepper', () => {
	it('is empty until somebody steps, and then starts from the usual, on whole steps', async () => {
		const { user, pad, field } = stepper();
		expect(field.value).toBe('');
		await user.click(pad('Water: more'));
		expect(field.value).toBe('8.2 °C');
		await user.click(pad('Water: much more'));
		expect(field.value).toBe('9.2 °C');
		await user.click(pad('Water: less'));
		expect(field.value).toBe('9.1 °C');
	});

	it('takes the usual at a tap, and lets go of it', async () => {
		const { user, pad, field } = stepper();
		await user.click(screen.getByRole('button', { name: /As usual/ }));
		expect(Number.parseFloat(field.value)).toBeCloseTo(8.1, 1);
		await user.click(pad('Clear Water'));
		expect(field.value).toBe('');
	});

	it('never steps beyond what there is', async () => {
		const { user, pad, field } = stepper({ value: 29.5, most: 30 });
		await user.click(pad('Water: much more'));
		await user.click(pad('Water: more'));
		expect(field.value).toBe('30.0 °C');
		cleanup();
		const cold = stepper({ value: 0.05 });
		await cold.user.click(cold.pad('Water: less'));
		expect(cold.field.value).toBe('0.0 °C');
	});

	it('takes what is typed, in other units too, and says what is no number of the water', async () => {
		const { user, field } = stepper();
		await user.type(field, '48 °F');
		await user.tab();
		expect(Number.parseFloat(field.value)).toBeCloseTo(8.9, 1);
		await user.clear(field);
		await user.type(field, '77');
		await user.tab();
		expect(screen.getByRole('alert').textContent).toMatch(/30/);
		await user.clear(field);
		await user.type(field, 'cold');
		await user.tab();
		expect(screen.getByRole('alert').textContent).toMatch(/cold/);
	});
});
