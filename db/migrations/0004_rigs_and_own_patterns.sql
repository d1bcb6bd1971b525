-- Up Migration

alter table note drop constraint note_kind_check;
alter table note add constraint note_kind_check check (
	kind in ('conditions', 'sighting', 'sample', 'watch', 'rise', 'drifted', 'attempt', 'rig', 'remark', 'void')
);

-- Flies of a guide's own. Notes carry the dressing with them, so that one that is taken away stays readable there.
create table own_pattern (
	id uuid primary key default gen_random_uuid(),
	account_id uuid not null references account on delete cascade,
	name text not null check (length(name) between 1 and 60),
	style text not null,
	belly text not null,
	wing text,
	post text check (post in ('pale', 'dark')),
	sizes smallint[] not null check (cardinality(sizes) between 1 and 14),
	created_at timestamptz not null default now()
);
create index own_pattern_account on own_pattern (account_id, created_at);
