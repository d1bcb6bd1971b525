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

do $$
declare
	quota record;
begin
	for quota in select * from (values
		('note', 'outing_id', 10000, 'notes in this outing'),
		('photo', 'outing_id', 300, 'pictures in this outing'),
		('feed_reply', 'shared_id', 60, 'answers to this'),
		('public_board', 'account_id', 30, 'boards of yours'),
		('own_name', 'account_id', 2000, 'names of yours'),
		('invitation', 'circle_id', 200, 'invitations to this circle'),
		('circle_member', 'account_id', 200, 'circles you are in'),
		('circle_member', 'circle_id', 1000, 'members in this circle'),
		('reach', 'owner_id', 6000, 'reaches of yours'),
		('boxed_fly', 'account_id', 10000, 'kinds of flies in your box'),
		('hatch_record_version', 'record_id', 1000, 'earlier versions of this record')
	) as q(in_table, by_column, most, called) loop
		execute format(
			'create trigger %I after insert on %I referencing new table as added
			 for each statement execute function keep_within_quota(%L, %L, %L)',
			quota.in_table || '_quota_by_' || quota.by_column, quota.in_table, quota.by_column, quota.most, quota.called);
	end loop;
end $$;

-- Open streams of an account end when one of its sessions does: those that may stay come back by themselves.
create function tell_of_ended_session() returns trigger language plpgsql as $$
begin
	perform pg_notify('session_ended', old.account_id::text);
	return old;
end $$;
create trigger session_ended after delete on session for each row execute function tell_of_ended_session();

-- What is limited by an address or a name is forgotten soon after.
create index rate_limit_expire on rate_limit (expire);
