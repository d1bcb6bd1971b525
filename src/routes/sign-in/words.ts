import { words } from '$lib/core/message';

export default words('page.sign-in', {
	'an-invented-valley-on': 'An invented valley on a May morning. Step in as one of its guides.',
	demo: 'demo',
	demonstration: 'Demonstration',
	'make-an-account': 'Make an account',
	'name-you-sign-in': 'Name you sign in with',
	'new-here': 'New here?',
	'one-note-notes-of':
		'{count, plural, one {One note} other {{count} notes}}{by2, select, yes { of {by}} other {}} {count, plural, one {waits} other {wait}} on this device, and will be sent when {by3} signs in.',
	password: 'Password',
	'sign-in': 'Sign in',
	'whose-they-are': 'whose they are',
	'your-own-account': 'Your own account'
});
