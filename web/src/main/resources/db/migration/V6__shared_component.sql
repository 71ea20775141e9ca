-- Components that are made once for two dishes.
create table shared_component (
    class_id          bigint       not null,
    position          int          not null,
    made_dish_id      varchar(200) not null,
    made_component_id varchar(200) not null,
    dish_id           varchar(200) not null,
    component_id      varchar(200) not null,
    primary key (class_id, position),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
