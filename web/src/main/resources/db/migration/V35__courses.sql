-- Evenings that belong together: a course has no row of its own, only the number of its first class.
create table class_course (
    class_id bigint not null primary key,
    course   bigint not null,
    index (course),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
