-- A guest who was removed can be put back for a while: what was known of them is kept sealed, under a key that is not in
-- the database.
create table removed_guest (
  id bigint auto_increment primary key,
  class_id bigint not null,
  sealed longblob not null,
  who varchar(100) not null,
  until datetime not null,
  foreign key (class_id) references cooking_class (id) on delete cascade
);

-- How many days the house allows for that; 0: removing is final at once.
alter table house add column undo_days int not null default 7;
