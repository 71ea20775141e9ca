-- An attendee's own page; only a digest of its link is kept.
create table guest_link (
    digest      char(64)     not null primary key,
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    expires_at  datetime(3)  not null,
    withdrawn   boolean      not null,
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Who looked at what people avoid, who took it out, and who erased somebody.
create table allergy_look (
    id       bigint       not null auto_increment primary key,
    class_id bigint       not null,
    who      varchar(100) not null,
    what     varchar(100) not null,
    at       datetime(3)  not null,
    index (class_id, id)
) character set utf8mb4 collate utf8mb4_nopad_bin;
