-- Up Migration

-- What a season is added up from, so that no document need be opened for it: the day as it is told (make_date is
-- immutable, a cast is not), and the hour where it is told finer than the basin.
alter table shared_record add column day date generated always as (make_date(
	left(body ->> 'day', 4)::int, substr(body ->> 'day', 6, 2)::int, substr(body ->> 'day', 9, 2)::int)) stored;
alter table shared_record add column hour_told smallint check (hour_told between 0 and 23);
update shared_record set hour_told =
	extract(hour from (body ->> 'mostSeen')::timestamptz at time zone (body ->> 'timeZone'))
	where precision not in ('basin', 'season');
create index shared_record_season on shared_record (circle_id, taxon_id, day) include (author_id, appears_at, hour_told);
