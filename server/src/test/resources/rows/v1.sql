-- One row or more of every table of version 1, written as that version wrote them, with what people do to names.
insert into settings values (1, 4, 'Europe/Berlin', 'de-DE', 'MONDAY', 3, 'NEVER_TWICE', 5, 0, 10, 20, 'LESSON_FIRST', 'NIGHT');
insert into settings_pattern values (1, date '1970-01-01', 'MONDAY', 45, false);
insert into settings_pattern values (1, date '2026-02-02', 'MONDAY', 60, false);
insert into settings_day_minutes values (1, date '2026-03-14', 120);
insert into settings_rest_day values (1, date '2026-03-18');
insert into settings_pause values (1, date '2025-12-25', date '2025-12-29', 'a cold');
insert into word values ('10000000-0000-4000-8000-000000000001', 'BOOK', 'Harbour book', stringdecode('harbour one\nthe grey one'));
insert into word values ('10000000-0000-4000-8000-000000000002', 'MEDIUM', 'Soft pastels', '');
insert into word values ('10000000-0000-4000-8000-000000000003', 'TOPIC', 'harbour cats', stringdecode('cats\nCATS\nkitten'));
insert into word values ('10000000-0000-4000-8000-000000000004', 'RESOURCE', '  Rope book ', 'rope book');
insert into placement values ('20000000-0000-4000-8000-000000000001', 'c', 'C',
  '{"format":2,"id":"c","title":"C","weeks":[{"title":"W","exercises":[{"id":"a","title":"A","kind":"drill","drawings":3,"minutesEach":2}]}]}',
  date '2026-03-02', timestamp with time zone '2026-03-02 08:00:00+00', null);
insert into entry (id, version, practice_day, time_of_day, placement_id, exercise_id, exercise_title, seconds_each, topic, drawings, minutes, source, medium, resource, book, page_from, page_to, mark, went_wrong, next_time, note, written_at) values
 ('30000000-0000-4000-8000-000000000001', 0, date '2026-03-02', time '07:30:00', '20000000-0000-4000-8000-000000000001', 'a', 'A', 120, null, 3, null, 'from life', 'Brush Pens', 'rope book', 'Harbour Book', 1, 2, 4, 'w', 'n', 'note', current_timestamp),
 ('30000000-0000-4000-8000-000000000002', 1, date '2026-03-02', null, null, null, null, null, 'Harbor cats', null, 20, 'life', 'brush pen', null, 'the grey one', null, null, null, '', '', '', current_timestamp),
 ('30000000-0000-4000-8000-000000000003', 0, date '2026-03-02', null, null, null, null, null, 'Kittens', 1, null, '', 'soft pastel', '  ', 'Skizzenbuch Nr. 3', null, null, null, '', '', '', current_timestamp),
 ('30000000-0000-4000-8000-000000000004', 0, date '2026-03-02', null, null, null, null, null, '???', 1, null, null, 'Öl-Kreide', null, null, null, null, null, '', '', '', current_timestamp),
 ('30000000-0000-4000-8000-000000000005', 0, date '2026-03-02', null, null, null, null, null, null, 2, 9, null, 'ol kreide', null, null, null, null, null, '', '', 'nothing else', current_timestamp);
