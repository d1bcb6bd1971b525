-- Up Migration

-- Where insects are those of a region: as a guide set it, or by the position where nobody did. Which regions there are,
-- the atlas says.
alter table reach add column region text check (region ~ '^[a-z][a-z-]{1,39}$');
