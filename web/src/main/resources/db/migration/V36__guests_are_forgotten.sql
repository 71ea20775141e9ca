-- How long guests of a class are kept; nothing: until somebody erases them.
alter table house add column guest_months int;
