-- Kitchens in which classes are held, and which class is held where.
create table venue (
  id bigint auto_increment primary key,
  name varchar(200) not null,
  address varchar(1000) not null,
  zone varchar(60) not null,
  document mediumtext not null,
  changed_at datetime not null,
  changed_by varchar(100) not null
);

create table class_venue (
  class_id bigint primary key,
  venue_id bigint not null,
  constraint class_venue_class foreign key (class_id) references cooking_class (id) on delete cascade,
  constraint class_venue_venue foreign key (venue_id) references venue (id) on delete cascade
);
