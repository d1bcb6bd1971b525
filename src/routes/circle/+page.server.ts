import words from '$lib/server/words';
import { fail, redirect } from '@sveltejs/kit';
import * as v from 'valibot';
import { faultOf, joined, typed } from '$lib/core/message';
import { fieldIssues, nameOf } from '$lib/core/note';
import {
	circlesOf,
	createCircle,
	InvitationSchema,
	invite,
	removeMember,
	revokeInvitation,
	ROLES,
	setRole,
	type MembershipChange
} from '$lib/server/circles';
import { now } from '$lib/server/clock';
import { Full, unlessFull } from '$lib/server/database';
import { guideOf } from '$lib/server/entry';
import {
	FeedFilterSchema,
	asShown,
	feedPage,
	namesInReply,
	ReplySchema,
	replyTo,
	takeBackReply,
	watersInFeed
} from '$lib/server/feed';
import { fieldOf, formOf } from '$lib/server/form';
import { idParameter } from '$lib/server/http';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

const PAGE = 20;

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	const guide = guideOf(locals, url);
	depends('lacewing:feed');
	const at = await now();
	const after = idParameter(url.searchParams.get('after') ?? undefined);
	const filter = v.parse(FeedFilterSchema, Object.fromEntries(url.searchParams));
	const [circles, page, waters] = await Promise.all([
		circlesOf(guide.id, at),
		feedPage(guide.id, at, filter, after, PAGE),
		watersInFeed(guide.id, at)
	]);
	const kept = new Map(circles.filter(({ role }) => role === 'keeper').map(({ id, name }) => [id, name]));
	return {
		circles,
		feed: page.items.map(asShown),
		filter,
		waters,
		next: page.next,
		// Who keeps the circle is told; to the others nothing is missing.
		unreadable: page.unreadable.flatMap((id) => kept.get(id) ?? [])
	};
};

const NOT_A_KEEPER = words('only-a-keeper-of-that');

/** The guide and the fields of a form. */
async function asked({ request, locals, url }: RequestEvent) {
	return { guide: guideOf(locals, url), form: await formOf(request) };
}

function told(change: MembershipChange) {
	if (change === 'done') return { message: words('done') };
	return change === 'last-keeper'
		? fail(409, { message: words('somebody-must-keep-the-circle') })
		: fail(404, { message: NOT_A_KEEPER });
}

export const actions: Actions = {
	create: async (event) => {
		const { guide, form } = await asked(event);
		const name = v.safeParse(nameOf(60), fieldOf(form, 'name'));
		if (!name.success) return fail(422, { message: words('the-name', { message: faultOf(name.issues[0]) }) });
		const made = await unlessFull(() => createCircle(guide.id, name.output));
		if (made instanceof Full) return fail(409, { message: made.says });
		redirect(303, '/circle');
	},
	invite: async (event) => {
		const { guide, form } = await asked(event);
		const parsed = v.safeParse(InvitationSchema, Object.fromEntries(form));
		const at = await now();
		const invitation = parsed.success && (await unlessFull(() => invite(guide.id, parsed.output, at)));
		if (invitation instanceof Full) return fail(409, { message: invitation.says });
		if (!invitation) return fail(404, { message: NOT_A_KEEPER });
		return {
			circleId: parsed.output.circleId,
			link: `${event.url.origin}/join/${invitation.token}`,
			expiresAt: invitation.expiresAt
		};
	},
	revoke: async (event) => {
		const { guide, form } = await asked(event);
		const id = idParameter(fieldOf(form, 'id'));
		const gone = id && (await revokeInvitation(guide.id, id));
		return gone ? { message: words('the-invitation-is-void') } : fail(404, { message: NOT_A_KEEPER });
	},
	role: async (event) => {
		const { guide, form } = await asked(event);
		const [circleId, memberId] = [
			idParameter(fieldOf(form, 'circleId')),
			idParameter(fieldOf(form, 'memberId'))
		];
		const role = v.safeParse(v.picklist(ROLES), fieldOf(form, 'role'));
		if (!circleId || !memberId || !role.success) return fail(422, { message: words('that-is-no-role-of') });
		return told(await setRole(guide.id, circleId, memberId, role.output));
	},
	remove: async (event) => {
		const { guide, form } = await asked(event);
		const circleId = idParameter(fieldOf(form, 'circleId'));
		const memberId = fieldOf(form, 'memberId') ? idParameter(fieldOf(form, 'memberId')) : guide.id;
		if (!circleId || !memberId) return fail(404, { message: NOT_A_KEEPER });
		return told(await removeMember(guide.id, circleId, memberId, await now()));
	},
	reply: async (event) => {
		const { guide, form } = await asked(event);
		const sharedId = idParameter(fieldOf(form, 'sharedId'));
		const reply = v.safeParse(ReplySchema, Object.fromEntries(form));
		if (!reply.success) {
			const [issue] = fieldIssues(reply.issues);
			return fail(422, {
				message: words('the-answer-is-not-right', {
					field: issue?.field ?? '',
					message: issue?.says ?? ''
				})
			});
		}
		const at = await now();
		if (sharedId && fieldOf(form, 'namesMayGo') !== '1') {
			const names = await namesInReply(guide.id, sharedId, reply.output, at);
			if (names.length > 0)
				return fail(409, {
					message: words('you-name-which-those-who', { names: joined('and', ...names.map(typed)) })
				});
		}
		const said = sharedId && (await unlessFull(() => replyTo(guide.id, sharedId, reply.output, at)));
		if (said instanceof Full) return fail(409, { message: said.says });
		return said ? { message: words('said') } : fail(404, { message: words('you-may-not-answer-to') });
	},
	takeBack: async (event) => {
		const { guide, form } = await asked(event);
		const id = idParameter(fieldOf(form, 'id'));
		const gone = id && (await takeBackReply(guide.id, id));
		return gone ? { message: words('taken-back') } : fail(404, { message: words('that-is-not-yours') });
	}
};
