-- Up Migration

-- A record that is confirmed again keeps what it said before.
create table hatch_record_version (
	record_id uuid not null references hatch_record on delete cascade,
	body jsonb not null,
	confirmed_at timestamptz not null,
	primary key (record_id, confirmed_at)
);
create function keep_record_version() returns trigger language plpgsql as $$
begin
	if new.body is distinct from old.body then
		insert into hatch_record_version (record_id, body, confirmed_at) values (old.id, old.body, old.confirmed_at)
			on conflict do nothing;
	end if;
	return new;
end $$;
create trigger hatch_record_kept before update on hatch_record
	for each row execute function keep_record_version();
