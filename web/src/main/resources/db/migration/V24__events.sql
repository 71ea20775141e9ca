-- What happened on air is kept as it is sent: with the members of its kind.
alter table air_event add column event varchar(4000) not null default '';
