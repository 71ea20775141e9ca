-- Sizes of pieces, and what cooks know of an ingredient.
alter table ingredient_line add column size varchar(1000);

alter table item
    add column can_net decimal(36, 24),
    add column soaked  decimal(36, 24),
    add column cooked  decimal(36, 24);

create table item_name (
    class_id bigint        not null,
    item_id  varchar(200)  not null,
    position int           not null,
    name     varchar(1000) not null,
    primary key (class_id, item_id, position),
    foreign key (class_id, item_id) references item (class_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table item_piece (
    class_id bigint          not null,
    item_id  varchar(200)    not null,
    position int             not null,
    size     varchar(1000)   not null,
    grams    decimal(36, 24) not null,
    primary key (class_id, item_id, position),
    foreign key (class_id, item_id) references item (class_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table item_source (
    class_id bigint       not null,
    item_id  varchar(200) not null,
    position int          not null,
    figure   varchar(40)  not null,
    source   varchar(20)  not null,
    primary key (class_id, item_id, position),
    foreign key (class_id, item_id) references item (class_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
