-- Up Migration

-- Readers see what a circle shares; guides share too; keepers look after who is in it.
alter table circle_member drop constraint circle_member_role_check;
alter table circle_member add constraint circle_member_role_check check (role in ('keeper', 'guide', 'reader'));

alter table invitation add column id uuid not null default gen_random_uuid();
alter table invitation add column role text not null default 'guide' check (role in ('guide', 'reader'));
-- How many may still join by it; null for any number.
alter table invitation add column uses_left integer check (uses_left >= 0);
create index invitation_circle on invitation (circle_id, expires_at);

-- A share may be held back until some moment: only from then on is it selected for anybody but its author.
alter table shared_record add column appears_at timestamptz;
update shared_record set appears_at = shared_at;
alter table shared_record alter column appears_at set not null;
alter table shared_record drop constraint shared_record_precision_check;
alter table shared_record add constraint shared_record_precision_check
	check (precision in ('exact', 'reach', 'water', 'basin', 'season'));
-- What feeds are filtered by, from the coarsened copy alone.
alter table shared_record add column taxon_id text generated always as (body ->> 'taxonId') stored;
alter table shared_record add column stage text generated always as (body ->> 'stage') stored;
alter table shared_record add column water text generated always as (body -> 'place' ->> 'water') stored;
drop index shared_record_feed;
create index shared_record_feed on shared_record (circle_id, appears_at desc, id desc);
create index shared_record_taxon on shared_record (circle_id, taxon_id, appears_at desc, id desc);
create index shared_record_water on shared_record (circle_id, water, appears_at desc, id desc);
create index shared_record_author on shared_record (author_id, circle_id);
create index shared_record_appears on shared_record (appears_at) where appears_at > shared_at;

-- What is held back is not told of now; each copy of the server tells of it when its moment comes.
create or replace function tell_circle() returns trigger language plpgsql as $$
begin
	if new.appears_at <= new.shared_at then
		perform pg_notify('circle_news', json_build_object('circleId', new.circle_id, 'sharedId', new.id)::text);
	end if;
	return new;
end $$;

-- How a guide usually shares what was seen on a water.
create table water_share (
	account_id uuid not null references account on delete cascade,
	water_id uuid not null references water on delete cascade,
	precision text not null check (precision in ('exact', 'reach', 'water', 'basin', 'season')),
	embargo text not null check (embargo in ('now', 'tonight', 'days-3', 'days-7', 'after-hatch')),
	primary key (account_id, water_id)
);

-- Answers to a shared record: saw it too, another name with the mark that tells, or a word.
create table feed_reply (
	id uuid primary key default gen_random_uuid(),
	shared_id uuid not null references shared_record on delete cascade,
	author_id uuid not null references account on delete cascade,
	kind text not null check (kind in ('saw-it-too', 'question', 'word')),
	body jsonb not null check (jsonb_typeof(body) = 'object'),
	at timestamptz not null
);
create index feed_reply_shared on feed_reply (shared_id, at);
create unique index feed_reply_saw_once on feed_reply (shared_id, author_id) where kind = 'saw-it-too';

create function tell_circle_of_reply() returns trigger language plpgsql as $$
begin
	perform pg_notify('circle_news', json_build_object('circleId', s.circle_id, 'sharedId', s.id)::text)
		from shared_record s where s.id = new.shared_id;
	return new;
end $$;
create trigger feed_reply_told after insert on feed_reply
	for each row execute function tell_circle_of_reply();
