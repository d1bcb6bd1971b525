-- Up Migration

-- What is shared goes along with one picture, that of the moment: another one that the record gets later does not.
alter table shared_record add column photo_id uuid references photo on delete set null;
update shared_record s set photo_id = p.id from hatch_record r, photo p
	where s.with_picture and r.id = s.record_id and p.outing_id = r.outing_id and p.id::text = r.body ->> 'photoId';
alter table shared_record drop column with_picture;
create index shared_record_photo_fk on shared_record (photo_id);

-- Who is in a circle no more has no shares and no names in it, also where sharing and leaving meet.
delete from shared_record s where not exists (
	select from circle_member m where m.circle_id = s.circle_id and m.account_id = s.author_id);
alter table shared_record add constraint shared_record_member foreign key (circle_id, author_id)
	references circle_member (circle_id, account_id) on delete cascade;
create index shared_record_member_fk on shared_record (circle_id, author_id);
drop index shared_record_author;
create index shared_record_author on shared_record (author_id);
delete from own_name n where n.circle_id is not null and not exists (
	select from circle_member m where m.circle_id = n.circle_id and m.account_id = n.account_id);
alter table own_name add constraint own_name_member foreign key (circle_id, account_id)
	references circle_member (circle_id, account_id) on delete cascade;
create index own_name_member_fk on own_name (circle_id, account_id);

-- Who was taken out of a circle, and when: links from before that let them in no more.
create table circle_removal (
	circle_id uuid not null references circle on delete cascade,
	account_id uuid not null references account on delete cascade,
	removed_at timestamptz not null,
	primary key (circle_id, account_id)
);
create index circle_removal_account_fk on circle_removal (account_id);

-- "Saw it too" says that alone: how a private record came by its name is nobody's business.
update feed_reply set body = body - 'naming' where kind = 'saw-it-too';
