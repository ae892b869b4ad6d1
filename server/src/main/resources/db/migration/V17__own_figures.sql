-- What a learner counts beside the drawings, under the name it had when it was counted.
alter table entry add column own_figure varchar(40);
alter table entry add column own_count integer;
alter table settings add column own_figure varchar(40) default '' not null;
