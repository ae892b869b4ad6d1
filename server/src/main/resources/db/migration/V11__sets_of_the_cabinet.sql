-- Which pictures of a set were shown is asked; on which day was never read.
alter table shown_picture drop column practice_day;

alter table reference_set add column placement uuid;
alter table reference_set add column week_key varchar(80);
alter table reference_set add column cabinet varchar(20);
alter table reference_set add column emphasis varchar(20);
alter table reference_set add column viewed_from varchar(20);
alter table reference_set add column cabinet_drawn integer default 0 not null;
