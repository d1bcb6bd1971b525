-- Up Migration

-- A session ends when it has not been used for a month. Its guide sees those that are open, and ends them.
alter table session add column id uuid not null default gen_random_uuid() unique;
alter table session add column used_at timestamptz not null default now();
-- What kind of device, as the browser says, and which one: SHA-256 of the device's own token.
alter table session add column kind text not null default 'device' check (length(kind) <= 20);
alter table session add column device_hash bytea;
alter table session drop column expires_at;
create index session_used on session (used_at);

-- Devices on which a guide has signed in before: what others guess elsewhere does not keep the guide out there.
create table known_device (
	device_hash bytea not null,
	account_id uuid not null references account on delete cascade,
	used_at timestamptz not null default now(),
	primary key (account_id, device_hash)
);
create index known_device_used on known_device (used_at);
