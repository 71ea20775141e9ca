-- Ideas for coming classes, and guests' votes: one each, which can be changed.
create table class_idea (
    id      bigint        not null auto_increment primary key,
    title   varchar(200)  not null,
    dishes  varchar(1000) not null,
    open    boolean       not null,
    made_by varchar(100)  not null
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table idea_vote (
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    idea_id     bigint       not null,
    at          datetime(3)  not null,
    primary key (class_id, attendee_id),
    foreign key (class_id) references cooking_class (id) on delete cascade,
    foreign key (idea_id) references class_idea (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- What a guest says of a class afterwards.
create table guest_rating (
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    stars       int          not null,
    remark      varchar(1000) not null,
    at          datetime(3)  not null,
    primary key (class_id, attendee_id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
