-- What was done to a class: each change is a revision with the whole class file, so that it can be undone and compared.
create table class_revision (
    class_id bigint        not null,
    number   int           not null,
    parent   int,
    made_at  datetime(6)   not null,
    made_by  varchar(100)  not null,
    what     varchar(1000) not null,
    document longtext      not null,
    wishes   text          not null,
    primary key (class_id, number),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Where a class stands among its revisions, and what the host asks of the planner beside the rules.
create table class_standing (
    class_id bigint not null primary key,
    revision int,
    wishes   text   not null,
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- The plan of a class's version, and the one before it, so that every node shows the same and keeps near it.
create table class_plan (
    class_id  bigint   not null primary key,
    version   int      not null,
    document  longtext not null,
    proven    boolean  not null,
    least_end int      not null,
    previous  longtext,
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
