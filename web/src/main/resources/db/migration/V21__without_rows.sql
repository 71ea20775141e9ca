-- The tables in which classes were kept row by row; the documents have all of it.
drop table step_use, step_after, step_need, step, ingredient_line, component, shared_component, dish;
drop table item_allergen, item_pack, item_nutrient, item_name, item_piece, item_source, item;
drop table attendee_served, attendee_avoid, attendee;
drop table prep_window, person, resource, substitution, pantry_stock;
alter table cooking_class modify document longtext not null,
    drop column air_minutes, drop column measures, drop column demo_servings, drop column tasting_portions,
    drop column tasting_share, drop column spare_percent, drop column room;
