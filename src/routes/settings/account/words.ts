import { words } from '$lib/core/message';

export default words('page.settings.account', {
	'a-computer': 'A computer',
	'a-device': 'A device',
	'a-lost-phone-sign':
		'A lost phone: sign out there, then change your password. What waits on it unsent is lost with it.',
	'a-phone': 'A phone',
	'a-program': 'A program',
	'a-tablet': 'A tablet',
	'change-it': 'Change it',
	'change-your-password': 'Change your password',
	devices: 'devices',
	'last-used': '; last used {moment}',
	'new-password-ten-characters': 'New password, ten characters or more',
	password: 'password',
	'password-and-devices': 'Password and devices',
	'password-as-it-is': 'Password as it is now',
	settings: 'Settings',
	'sign-out-everywhere-else': 'Sign out everywhere else',
	'sign-out-there': 'Sign out there',
	since: 'since {moment}{value}',
	'the-guides-of-the': 'The guides of the demonstration have no password.',
	'this-one': ', this one',
	'what-is-not-used': 'What is not used for 30 days is signed out by itself.',
	'where-you-are-signed': 'Where you are signed in'
});
