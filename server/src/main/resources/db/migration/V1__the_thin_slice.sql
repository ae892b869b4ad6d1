create table settings (
  id integer primary key check (id = 1),
  version bigint not null,
  zone varchar(60) not null,
  locale varchar(35) not null,
  week_start varchar(9) not null,
  rollover_hour integer not null,
  streak_rule varchar(20) not null,
  streak_days_per_week integer not null,
  streak_floor_minutes integer not null,
  overhead_minutes integer not null,
  free_percent integer not null,
  day_order varchar(20) not null,
  theme varchar(10) not null
);

create table settings_pattern (
  settings_id integer not null references settings (id),
  from_day date not null,
  weekday varchar(9) not null,
  minutes integer not null,
  rest boolean not null,
  primary key (settings_id, from_day, weekday)
);

create table settings_day_minutes (
  settings_id integer not null references settings (id),
  practice_day date not null,
  minutes integer not null,
  primary key (settings_id, practice_day)
);

create table settings_rest_day (
  settings_id integer not null references settings (id),
  practice_day date not null,
  primary key (settings_id, practice_day)
);

create table settings_pause (
  settings_id integer not null references settings (id),
  from_day date not null,
  to_day date not null,
  reason varchar(200) not null,
  primary key (settings_id, from_day, to_day)
);

create table word (
  id uuid primary key,
  kind varchar(10) not null,
  name varchar(120) not null,
  spellings varchar(1000) not null,
  unique (kind, name)
);

create table placement (
  id uuid primary key,
  course_id varchar(80) not null,
  title varchar(200) not null,
  document clob not null,
  start_day date not null,
  placed_at timestamp(6) with time zone not null,
  ended_at timestamp(6) with time zone
);

create table entry (
  id uuid primary key,
  version bigint not null,
  practice_day date not null,
  time_of_day time,
  placement_id uuid references placement (id),
  exercise_id varchar(80),
  exercise_title varchar(200),
  seconds_each integer,
  topic varchar(120),
  drawings integer,
  minutes integer,
  source varchar(120),
  medium varchar(120),
  resource varchar(200),
  book varchar(120),
  page_from integer,
  page_to integer,
  mark integer,
  went_wrong varchar(2000) not null,
  next_time varchar(2000) not null,
  note varchar(2000) not null,
  written_at timestamp(6) with time zone not null
);

create index entry_by_day on entry (practice_day, written_at);
create index entry_by_exercise on entry (placement_id, exercise_id, practice_day);
