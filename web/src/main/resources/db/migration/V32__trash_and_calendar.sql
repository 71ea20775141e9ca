-- A class that was thrown away can be brought back for a while.
alter table cooking_class add removed_at datetime null;

-- Addresses by which a calendar follows the classes of the house; only digests are kept.
create table calendar_link (
  id bigint auto_increment primary key,
  digest char(64) not null unique,
  made_at datetime not null,
  made_by varchar(100) not null
);
