import { words } from '$lib/core/message';

export default words('page.sign-up', {
	'have-one': 'Have one?',
	'make-an-account': 'Make an account',
	'make-the-account': 'Make the account',
	'name-you-sign-in': 'Name you sign in with',
	'password-ten-characters-or': 'Password, ten characters or more',
	'sign-in': 'Sign in',
	'your-name-as-colleagues': 'Your name, as colleagues see it'
});
