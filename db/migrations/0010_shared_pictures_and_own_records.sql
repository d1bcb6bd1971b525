-- A picture goes along only when its guide says so; it is looked up through the share, never named in it.
alter table shared_record add column with_picture boolean not null default false;
-- The record of one's own that stands behind "saw it too"; only its author is shown which.
alter table feed_reply add column own_record_id uuid references hatch_record on delete set null;
