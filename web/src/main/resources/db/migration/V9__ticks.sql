-- What was ticked off and by whom: only ever added to. The last line of a key says whether it is done.
create table tick_event (
    id       bigint       not null auto_increment primary key,
    class_id bigint       not null,
    list     varchar(30)  not null,
    item_key varchar(400) not null,
    done     boolean      not null,
    who      varchar(100) not null,
    at       datetime(3)  not null,
    client   varchar(64)  not null,
    unique (client),
    index (class_id, list, item_key, id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
