-- What was said at a table day: taps, who came and left, its scrap; read with the day.
drop index entry_tap_of_day;
create index entry_of_day on entry (group_id, (typed ->> 'day')) where type in ('tap', 'presence', 'scrap');
