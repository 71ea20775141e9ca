-- What is known of the room, as the class file writes it; and what a step is done with, a line each.
alter table cooking_class add column room text null;
alter table step add column tools text null;
