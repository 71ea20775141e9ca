-- What a house connects reads by a token of its own; only digests are kept.
create table api_token (
  id bigint auto_increment primary key,
  digest char(64) not null unique,
  name varchar(200) not null,
  made_at datetime not null,
  made_by varchar(100) not null,
  used_at datetime null
);
