-- Every foreign key has an index that begins with its columns: what refers to a row is found without a scan, and
-- deleting the row does not read whole tables.
create index session_account_fk on session (account_id);
create index invitation_created_by_fk on invitation (created_by);
create index basin_owner_fk on basin (owner_id);
create index water_basin_fk on water (basin_id);
create index reach_water_fk on reach (water_id);
create index reach_owner_fk on reach (owner_id);
create index outing_reach_fk on outing (reach_id);
create index note_replaces_fk on note (outing_id, replaces);
create index shared_record_record_fk on shared_record (record_id);
create index water_share_water_fk on water_share (water_id);
create index feed_reply_author_fk on feed_reply (author_id);
create index feed_reply_own_record_fk on feed_reply (own_record_id);
create index public_board_water_water_fk on public_board_water (water_id);
create index public_board_record_record_fk on public_board_record (record_id);
