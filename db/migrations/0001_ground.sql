-- Up Migration

create table account (
	id uuid primary key default gen_random_uuid(),
	handle text not null unique check (handle ~ '^[a-z0-9][a-z0-9-]{1,29}$'),
	name text not null check (length(name) between 1 and 60),
	-- Argon2id; demonstration guides have none and can only be entered in demonstration mode.
	password_hash text,
	is_demo boolean not null default false,
	settings jsonb not null default '{}',
	created_at timestamptz not null default now(),
	check (is_demo or password_hash is not null)
);

create table session (
	-- SHA-256 of the token in the cookie; the token itself is never stored.
	token_hash bytea primary key,
	account_id uuid not null references account on delete cascade,
	created_at timestamptz not null default now(),
	expires_at timestamptz not null
);
create index session_expires on session (expires_at);

-- Counters of the rate limiter, in the shape it asks for.
create table rate_limit (
	key varchar(255) primary key,
	points integer not null default 0,
	expire bigint
);

create table circle (
	id uuid primary key default gen_random_uuid(),
	name text not null check (length(name) between 1 and 60),
	created_at timestamptz not null default now()
);

create table circle_member (
	circle_id uuid not null references circle on delete cascade,
	account_id uuid not null references account on delete cascade,
	role text not null check (role in ('keeper', 'guide')),
	joined_at timestamptz not null default now(),
	primary key (circle_id, account_id)
);
create index circle_member_account on circle_member (account_id);

create table invitation (
	token_hash bytea primary key,
	circle_id uuid not null references circle on delete cascade,
	created_by uuid not null references account on delete cascade,
	created_at timestamptz not null default now(),
	expires_at timestamptz not null
);

create table basin (
	id uuid primary key default gen_random_uuid(),
	name text not null check (length(name) between 1 and 80),
	-- Whose it is; null for the waters of the demonstration, which all may use.
	owner_id uuid references account on delete cascade
);

create table water (
	id uuid primary key default gen_random_uuid(),
	basin_id uuid not null references basin on delete cascade,
	name text not null check (length(name) between 1 and 80)
);

create table reach (
	id uuid primary key default gen_random_uuid(),
	water_id uuid not null references water on delete cascade,
	owner_id uuid references account on delete cascade,
	name text not null check (length(name) between 1 and 80),
	kind text not null check (kind in ('freestone', 'tailwater', 'spring-creek', 'lake')),
	elevation_m real not null check (elevation_m between -400 and 5500),
	time_zone text not null,
	-- [[longitude, latitude], …], at least one point.
	line jsonb not null check (jsonb_typeof(line) = 'array' and jsonb_array_length(line) > 0)
);

create table outing (
	id uuid primary key,
	reach_id uuid not null references reach,
	author_id uuid not null references account on delete cascade,
	started_at timestamptz not null,
	ended_at timestamptz,
	guests smallint not null default 0 check (guests between 0 and 20),
	latitude double precision not null check (latitude between -90 and 90),
	longitude double precision not null check (longitude between -180 and 180),
	check (ended_at is null or ended_at >= started_at)
);
create index outing_author on outing (author_id, started_at desc, id desc);

create table note (
	id uuid primary key,
	outing_id uuid not null references outing on delete cascade,
	at timestamptz not null,
	kind text not null check (kind in ('conditions', 'sighting', 'sample', 'rise', 'attempt', 'remark', 'void')),
	body jsonb not null check (jsonb_typeof(body) = 'object'),
	replaces uuid,
	received_at timestamptz not null default now(),
	unique (outing_id, id),
	check (kind <> 'void' or replaces is not null),
	check (replaces is distinct from id),
	-- A correction stays within its outing; deferred, so that both may come in one batch.
	foreign key (outing_id, replaces) references note (outing_id, id) deferrable initially deferred
);
create index note_outing on note (outing_id, at);

create table boxed_fly (
	account_id uuid not null references account on delete cascade,
	pattern_id text not null,
	hook_size smallint not null check (hook_size between 2 and 32),
	count smallint not null check (count between 0 and 999),
	primary key (account_id, pattern_id, hook_size)
);

create table hatch_record (
	id uuid primary key default gen_random_uuid(),
	outing_id uuid not null references outing on delete cascade,
	author_id uuid not null references account on delete cascade,
	taxon_id text not null,
	stage text not null,
	day date not null,
	body jsonb not null,
	confirmed_at timestamptz not null,
	unique (outing_id, taxon_id, stage)
);

-- What a circle sees of a record: only the coarsened copy, so that nothing finer can ever be selected with it.
create table shared_record (
	id uuid primary key default gen_random_uuid(),
	circle_id uuid not null references circle on delete cascade,
	author_id uuid not null references account on delete cascade,
	record_id uuid not null references hatch_record on delete cascade,
	precision text not null check (precision in ('exact', 'reach', 'water', 'basin')),
	body jsonb not null check (body -> 'place' ->> 'precision' = precision),
	shared_at timestamptz not null,
	unique (circle_id, record_id)
);
create index shared_record_feed on shared_record (circle_id, shared_at desc, id desc);

create function tell_circle() returns trigger language plpgsql as $$
begin
	perform pg_notify('circle_news', json_build_object('circleId', new.circle_id, 'sharedId', new.id)::text);
	return new;
end $$;
create trigger shared_record_told after insert or update on shared_record
	for each row execute function tell_circle();

-- The demonstration's clock: at `real_at` it showed `shown_at`. No row: the clock is the machine's.
create table demo_clock (
	only_one boolean primary key default true check (only_one),
	shown_at timestamptz not null,
	real_at timestamptz not null
);
