import { words } from '$lib/core/message';

export default words('outbox', {
	'notes-wait': '{own, plural, one {One note waits} other {# notes wait}}',
	'on-this-device-and': '{waits} on this device, and will be sent once you are in again.',
	'on-this-device-for':
		"{waits} on this device for an outing that is not in your log. If it is another guide's, it goes out when that guide signs in.",
	'sign-in': 'Sign in',
	'you-are-signed-out': 'You are signed out.'
});
