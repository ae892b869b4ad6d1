-- What a learner counts beside the drawings, under the name it had when it was counted.
alter table entry add column own_figure varchar(40);
alter table entry add column own_count integer;
alter table settings add column own_figure varchar(40) default '' not null;

-- Phases of a figure of the learner's own are kept under its name.
alter table phase_name alter column figure set data type varchar(80);
alter table phase_boundary alter column figure set data type varchar(80);
