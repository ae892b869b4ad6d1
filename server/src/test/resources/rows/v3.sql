-- One row or more of every table that version 3 added, and poses as sittings and hands wrote them.
update entry set poses = '9 x 5 min' where id = '30000000-0000-4000-8000-000000000001';
update entry set poses = '10 x 30 s, 5 x 1:30 min' where id = '30000000-0000-4000-8000-000000000002';
update entry set poses = 'a few quick ones' where id = '30000000-0000-4000-8000-000000000005';
insert into quota values ('60000000-0000-4000-8000-000000000001', 2, '${quota}', date '2026-02-20', null, null, '', '["30000000-0000-4000-8000-000000000001"]', current_timestamp);
insert into quota_prompt values ('61000000-0000-4000-8000-000000000001', '60000000-0000-4000-8000-000000000001', 0, 'a gull', true, null, false);
insert into rule_answer values ('62000000-0000-4000-8000-000000000001', '60000000-0000-4000-8000-000000000001', '30000000-0000-4000-8000-000000000001', 'FROM_LIFE', true);
insert into prompt_words values (1, '{"subjects":["a cat"],"things":["a rope"],"actions":["waits"]}');
insert into sitting values ('9fade4b2-18af-5868-9dd8-049ce5e0b1a4', 1, date '2026-03-05', timestamp with time zone '2026-03-05 10:00:00+00', '${sitting}', '${steps}', '${presses}', null, null);
insert into sitting_settings values (1, 45, 5, true, false);
insert into reference_folder values (1, '/home/wren/quay-photos');
insert into reference_picture values ('70000000-0000-4000-8000-000000000001', 'a.png', 10, 20, 30, 40, '');
