-- One row or more of every table that version 2 added.
insert into plan_change values ('40000000-0000-4000-8000-000000000001', '20000000-0000-4000-8000-000000000001', 0, date '2026-03-03', timestamp with time zone '2026-03-03 08:00:00+00', false, 'rain', '${changes}', null);
insert into appointment values ('50000000-0000-4000-8000-000000000001', 'Life group', 'TUESDAY', date '2026-02-03', null, time '19:00:00', 45, '10x120 2x600');
insert into appointment values ('50000000-0000-4000-8000-000000000002', 'Model day', null, date '2026-03-21', date '2026-03-21', time '10:00:00', 60, '');
insert into topics values (1, 1, '${topics}');
insert into feed values (1, 'secret');
