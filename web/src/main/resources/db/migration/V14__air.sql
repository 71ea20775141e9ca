-- What happened while a class was on air: only ever added to, so that a restart in the middle of it loses nothing.
create table air_event (
    class_id bigint        not null,
    seq      bigint        not null,
    kind     varchar(20)   not null,
    activity varchar(600)  not null,
    at       datetime(3)   not null,
    seconds  int           not null,
    text     varchar(1000) not null,
    who      varchar(100)  not null,
    client   varchar(64)   not null,
    primary key (class_id, seq),
    unique (client),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
