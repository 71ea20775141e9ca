-- Somebody who waits is a guest who has no place yet.
alter table guest add column waiting_since datetime(3);
insert into guest (class_id, id, position, version, document, client, waiting_since)
select waits.class_id, waits.attendee_id, 0, 1, waits.document, waits.client, waits.since from waiting_guest waits
where not exists (select 1 from guest known where known.class_id = waits.class_id and known.id = waits.attendee_id);
drop table waiting_guest;

-- Everything that is kept of a guest hangs on their row and goes with it. What is left of guests who are gone goes now:
-- it would be given to whoever came next under their id.
delete from attendee_detail where not exists (select 1 from guest where guest.class_id = attendee_detail.class_id and guest.id = attendee_id);
delete from attendee_style where not exists (select 1 from guest where guest.class_id = attendee_style.class_id and guest.id = attendee_id);
delete from guest_link where not exists (select 1 from guest where guest.class_id = guest_link.class_id and guest.id = attendee_id);
delete from guest_notice where not exists (select 1 from guest where guest.class_id = guest_notice.class_id and guest.id = guest_id);
delete from guest_rating where not exists (select 1 from guest where guest.class_id = guest_rating.class_id and guest.id = attendee_id);
delete from handout_sent where not exists (select 1 from guest where guest.class_id = handout_sent.class_id and guest.id = attendee_id);
delete from idea_vote where not exists (select 1 from guest where guest.class_id = idea_vote.class_id and guest.id = attendee_id);
delete from made_for where not exists (select 1 from guest where guest.class_id = made_for.class_id and guest.id = attendee_id);
delete from mail_message where not exists (select 1 from guest where guest.class_id = mail_message.class_id and guest.id = attendee_id);
delete from served_dish where not exists (select 1 from guest where guest.class_id = served_dish.class_id and guest.id = attendee_id);

alter table attendee_detail add constraint detail_of_guest foreign key (class_id, attendee_id) references guest (class_id, id) on delete cascade;
alter table attendee_style add constraint style_of_guest foreign key (class_id, attendee_id) references guest (class_id, id) on delete cascade;
alter table guest_link add constraint link_of_guest foreign key (class_id, attendee_id) references guest (class_id, id) on delete cascade;
alter table guest_notice add constraint notice_of_guest foreign key (class_id, guest_id) references guest (class_id, id) on delete cascade;
alter table guest_rating add constraint rating_of_guest foreign key (class_id, attendee_id) references guest (class_id, id) on delete cascade;
alter table handout_sent add constraint sent_to_guest foreign key (class_id, attendee_id) references guest (class_id, id) on delete cascade;
alter table idea_vote add constraint vote_of_guest foreign key (class_id, attendee_id) references guest (class_id, id) on delete cascade;
alter table made_for add constraint made_for_guest foreign key (class_id, attendee_id) references guest (class_id, id) on delete cascade;
alter table mail_message add constraint letter_to_guest foreign key (class_id, attendee_id) references guest (class_id, id) on delete cascade;
alter table served_dish add constraint served_to_guest foreign key (class_id, attendee_id) references guest (class_id, id) on delete cascade;

-- A recipe has an id that lasts, whatever it is called; a dish of a class says which recipe it is, and in which state.
alter table bench_dish add column recipe varchar(64) not null default '';
update bench_dish set recipe = uuid();
alter table bench_dish alter column recipe drop default, add unique (recipe);
