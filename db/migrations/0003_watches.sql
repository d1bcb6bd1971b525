-- Up Migration

alter table note drop constraint note_kind_check;
alter table note add constraint note_kind_check check (
	kind in ('conditions', 'sighting', 'sample', 'watch', 'rise', 'drifted', 'attempt', 'remark', 'void')
);
