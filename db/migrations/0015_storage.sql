-- Up Migration

-- How many bytes the pictures of one guide may take; their sizes are known without reading them.
create function keep_within_storage() returns trigger language plpgsql as $$
declare
	most_mb integer := tg_argv[0]::integer;
begin
	if exists (
		select from (select distinct o.author_id from added join outing o on o.id = added.outing_id) guides
		where (select sum(octet_length(p.jpeg)) from photo p join outing own on own.id = p.outing_id
			where own.author_id = guides.author_id) > most_mb * 1000000::bigint
	) then
		raise exception using errcode = 'LW001',
			message = format('Your pictures take %s MB already, more than can be kept.', most_mb);
	end if;
	return null;
end $$;
create trigger photo_storage after insert on photo referencing new table as added
	for each statement execute function keep_within_storage(4000);
