-- Up Migration

-- A board that anybody with its link may read: some waters of one guide's own, coarse and late.
create table public_board (
	id uuid primary key default gen_random_uuid(),
	account_id uuid not null references account on delete cascade,
	token_hash bytea not null unique,
	title text not null check (length(title) between 1 and 80),
	precision text not null check (precision in ('water', 'basin', 'season')),
	delay_days smallint not null check (delay_days between 0 and 60),
	created_at timestamptz not null
);
create index public_board_account on public_board (account_id, created_at);
create table public_board_water (
	board_id uuid not null references public_board on delete cascade,
	water_id uuid not null references water on delete cascade,
	primary key (board_id, water_id)
);
-- What the board shows: coarsened copies only, each from its moment on.
create table public_board_record (
	board_id uuid not null references public_board on delete cascade,
	record_id uuid not null references hatch_record on delete cascade,
	body jsonb not null check (body -> 'place' ->> 'precision' in ('water', 'basin', 'season')),
	appears_at timestamptz not null,
	primary key (board_id, record_id)
);
create index public_board_record_shown on public_board_record (board_id, appears_at desc);
