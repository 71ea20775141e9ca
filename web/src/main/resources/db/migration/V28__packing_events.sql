-- What happened is the document; what statements ask for is read off it.
alter table packing_event
    drop index item_id,
    drop column kind,
    drop column attendee_id,
    drop column dish,
    drop column item_id,
    drop column grams,
    drop column lot,
    drop column use_by,
    drop column station,
    alter column event drop default;

alter table packing_event
    add column kind varchar(20) as (json_value(event, '$.kind')) persistent,
    add column kit varchar(200) as (json_value(event, '$.kit')) persistent,
    add column item varchar(200) as (json_value(event, '$.item')) persistent,
    add column lot varchar(100) as (json_value(event, '$.lot')) persistent,
    add column use_by varchar(10) as (json_value(event, '$."use-by"')) persistent,
    add index (item, lot),
    add index (class_id, kit);
