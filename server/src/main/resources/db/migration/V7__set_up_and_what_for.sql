-- A figure that was changed by hand before goes on; the first guess gives way to what sittings teach.
alter table settings add column overhead_by_hand boolean default false not null;
update settings set overhead_by_hand = true where overhead_minutes <> 10;
alter table settings add column what_for varchar(400) default '' not null;
alter table sitting add column set_up_minutes integer;
