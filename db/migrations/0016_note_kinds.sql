-- Up Migration

-- Which kinds of notes there are, the schema of the notes says. A kind that came in a packet of a later version is kept
-- as it came, and passed on.
alter table note drop constraint note_kind_check;
alter table note add constraint note_kind_check check (kind ~ '^[a-z][a-z-]{1,39}$');
