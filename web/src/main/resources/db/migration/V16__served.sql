-- What the host packs for somebody so that fewer kinds of kit are needed; empty text: left out.
create table attendee_served (
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    item_id     varchar(200) not null,
    use_id      varchar(200) not null,
    primary key (class_id, attendee_id, item_id),
    foreign key (class_id, attendee_id) references attendee (class_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
