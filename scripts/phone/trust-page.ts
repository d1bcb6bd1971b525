/** The page on which a phone gets the authority; it is served without TLS, and has nothing of anybody's. */
export function trustPage({ fingerprint, secureHome }: { fingerprint: string; secureHome: string }): string {
	const pairs = fingerprint.split(':');
	const rows = [0, 8, 16, 24].map((from) => pairs.slice(from, from + 8).join(' ')).join('<br />');
	return `<!doctype html>
<html lang="en">
	<head>
		<meta charset="utf-8" />
		<meta name="viewport" content="width=device-width, initial-scale=1" />
		<title>Lacewing on this phone</title>
		<style>
			body { margin: 0 auto; max-width: 36rem; padding: 1.25rem; font: 1.05rem/1.5 system-ui, sans-serif;
				background: #f4f1e8; color: #22301f; }
			h1 { font-size: 1.5rem; line-height: 1.2; }
			a.pad { display: block; padding: 0.9rem 1rem; margin: 0.5rem 0; border-radius: 0.4rem; text-align: center;
				background: #2f4a2b; color: #fff; font-weight: 600; text-decoration: none; }
			code { font-size: 0.95rem; word-spacing: 0.2em; }
			li { margin: 0.4rem 0; }
		</style>
	</head>
	<body>
		<h1>Lacewing on this phone, secured</h1>
		<p>
			The computer has made an authority of its own. Once this phone trusts it, nobody in the network can read
			along, and notes are kept without signal. It can vouch for names that end in .local and for addresses nearby
			alone.
		</p>
		<ol>
			<li><a class="pad" href="/authority.crt">Get the authority</a></li>
			<li>
				Compare its fingerprint with the one on the computer's screen, and go on only if it is the same:<br />
				<code>${rows}</code>
			</li>
			<li>
				Trust it in the phone's settings. Where the file came in as a <em>profile</em>: Settings, Profile Downloaded,
				Install; then General, About, Certificate Trust Settings, and switch it on. Elsewhere: Settings, Security,
				Encryption and credentials, Install a certificate, CA certificate.
			</li>
			<li><a class="pad" href="${secureHome}">Open Lacewing</a></li>
		</ol>
		<p>Only ever trust an authority that you made yourself. When you are done with it, take it out there again.</p>
	</body>
</html>
`;
}
