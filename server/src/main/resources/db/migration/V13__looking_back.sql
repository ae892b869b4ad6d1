-- Weeks looked back on; the day that is for; names given to phases; pictures ranked by choices.
create table week_review (
  week_start date primary key,
  version bigint not null,
  state varchar(20) not null,
  document clob not null
);

create table look_back (
  id integer primary key,
  review_day varchar(10) not null
);

create table phase_name (
  figure varchar(30) not null,
  week_start date not null,
  name varchar(120) not null,
  primary key (figure, week_start)
);

create table ranking (
  id uuid primary key,
  version bigint not null,
  removed boolean not null,
  made_on date not null,
  document clob not null
);
