-- Dishes on the bench. Each change is a revision with the whole dish file; nothing is ever overwritten. Undo and redo
-- move the dish to another of its revisions; a change made then begins a new branch.
create table bench_dish (
    id       bigint        not null auto_increment primary key,
    version  int           not null,
    title    varchar(1000) not null,
    revision int           not null
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table bench_revision (
    dish_id  bigint        not null,
    number   int           not null,
    parent   int,
    made_at  datetime(6)   not null,
    made_by  varchar(100)  not null,
    what     varchar(1000) not null,
    document longtext      not null,
    primary key (dish_id, number),
    foreign key (dish_id) references bench_dish (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Ingredients that this kitchen adds to the built-in catalogue, or puts in the place of its own.
create table house_item (
    id       varchar(200) not null primary key,
    version  int          not null,
    document mediumtext   not null
) character set utf8mb4 collate utf8mb4_nopad_bin;
