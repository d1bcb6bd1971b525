-- Up Migration

-- A guide's own records by day, and by taxon, for the log and for taking everything along.
create index hatch_record_author on hatch_record (author_id, day desc, id desc);
create index hatch_record_taxon on hatch_record (author_id, taxon_id, day desc, id desc);
