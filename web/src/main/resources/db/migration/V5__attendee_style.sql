-- The schools an attendee cooks by at home; their handout follows them.
create table attendee_style (
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    matter      varchar(40)  not null,
    school      varchar(40)  not null,
    primary key (class_id, attendee_id, matter),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
