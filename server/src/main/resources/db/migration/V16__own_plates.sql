-- Plates and orders of steps of the learner's own.
create table recall_own (
  id uuid primary key,
  version bigint not null,
  removed boolean not null,
  kind varchar(20) not null,
  document clob not null,
  svg clob,
  picture uuid,
  picture_way varchar(400)
);
