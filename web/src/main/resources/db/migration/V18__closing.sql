-- A class that is over: who was served what, and what was left of it.
create table class_closing (
    class_id  bigint       not null primary key,
    closed_by varchar(100) not null,
    closed_at datetime(3)  not null,
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table served_dish (
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    dish_id     varchar(200) not null,
    primary key (class_id, attendee_id, dish_id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table left_over (
    class_id bigint         not null,
    dish_id  varchar(200)   not null,
    portions decimal(30, 6) not null,
    went     varchar(20)    not null,
    use_by   date,
    primary key (class_id, dish_id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
