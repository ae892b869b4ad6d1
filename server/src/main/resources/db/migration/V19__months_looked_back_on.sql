-- What the learner thinks of a month, and expects of the next.
create table month_review (
  month_start date primary key,
  version bigint not null,
  document clob not null
);
