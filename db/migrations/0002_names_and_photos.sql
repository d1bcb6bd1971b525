-- Up Migration

-- What a guide calls an insect: for oneself, or for a circle one is in.
create table own_name (
	id uuid primary key default gen_random_uuid(),
	account_id uuid not null references account on delete cascade,
	circle_id uuid references circle on delete cascade,
	taxon_id text not null,
	name text not null check (length(name) between 1 and 60),
	created_at timestamptz not null default now()
);
create unique index own_name_once on own_name
	(account_id, coalesce(circle_id, '00000000-0000-0000-0000-000000000000'), taxon_id, lower(name));
create index own_name_circle on own_name (circle_id) where circle_id is not null;

-- Pictures of an outing, encoded anew without metadata. Only the author may see them.
create table photo (
	id uuid primary key,
	outing_id uuid not null references outing on delete cascade,
	jpeg bytea not null check (octet_length(jpeg) between 1 and 8000000),
	width integer not null check (width between 1 and 10000),
	height integer not null check (height between 1 and 10000),
	received_at timestamptz not null default now()
);
create index photo_outing on photo (outing_id);
