-- Up Migration

-- How much there may be of what one guide, or one circle, adds to: whichever way it comes in. Counted once for each
-- statement, and never further than the limit.
create function keep_within_quota() returns trigger language plpgsql as $$
declare
	-- What is counted by, how many there may be, and what they are called.
	owner_column text := tg_argv[0];
	most integer := tg_argv[1]::integer;
	called text := tg_argv[2];
	too_many boolean;
begin
	execute format(
		'select exists (
			select from (select distinct %1$I as owner from added where %1$I is not null) o
			where (select count(*) from (select from %2$I t where t.%1$I = o.owner limit %3$s) counted) = %3$s)',
		owner_column, tg_table_name, most + 1)
		into too_many;
	if too_many then
		raise exception using errcode = 'LW001', message = format('There are %s %s already, more than can be kept.', most, called);
	end if;
	return null;
end $$;

create trigger note_quota after insert on note referencing new table as added
	for each statement execute function keep_within_quota('outing_id', '10000', 'notes in this outing');
create trigger photo_quota after insert on photo referencing new table as added
	for each statement execute function keep_within_quota('outing_id', '300', 'pictures in this outing');
create trigger feed_reply_quota after insert on feed_reply referencing new table as added
	for each statement execute function keep_within_quota('shared_id', '60', 'answers to this');
create trigger public_board_quota after insert on public_board referencing new table as added
	for each statement execute function keep_within_quota('account_id', '30', 'boards of yours');
create trigger own_name_quota after insert on own_name referencing new table as added
	for each statement execute function keep_within_quota('account_id', '2000', 'names of yours');
create trigger invitation_quota after insert on invitation referencing new table as added
	for each statement execute function keep_within_quota('circle_id', '200', 'invitations to this circle');
create trigger circle_member_quota after insert on circle_member referencing new table as added
	for each statement execute function keep_within_quota('account_id', '200', 'circles you are in');
create trigger circle_size_quota after insert on circle_member referencing new table as added
	for each statement execute function keep_within_quota('circle_id', '1000', 'members in this circle');
create trigger reach_quota after insert on reach referencing new table as added
	for each statement execute function keep_within_quota('owner_id', '6000', 'reaches of yours');
create trigger boxed_fly_quota after insert on boxed_fly referencing new table as added
	for each statement execute function keep_within_quota('account_id', '10000', 'kinds of flies in your box');
create trigger record_version_quota after insert on hatch_record_version referencing new table as added
	for each statement execute function keep_within_quota('record_id', '1000', 'earlier versions of this record');

-- Open streams of an account end when one of its sessions does: those that may stay come back by themselves.
create function tell_of_ended_session() returns trigger language plpgsql as $$
begin
	perform pg_notify('session_ended', old.account_id::text);
	return old;
end $$;
create trigger session_ended after delete on session for each row execute function tell_of_ended_session();

-- When a session was last used; it ends when that is long ago.
alter table session add column id uuid not null default gen_random_uuid() unique;
alter table session add column used_at timestamptz not null default now();
alter table session add column device text not null default '' check (length(device) <= 80);

-- What is limited by an address or a name is forgotten soon after.
create index rate_limit_expire on rate_limit (expire);
