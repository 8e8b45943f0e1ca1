-- What was said at a table day: taps, who came and left, its scrap; read with the day.
drop index entry_tap_of_day;
create index entry_of_day on entry (group_id, (typed ->> 'day')) where type in ('tap', 'presence', 'scrap');

-- What is wanted of a day beside the line: so many of each.
alter table table_day
	add column strands_wanted integer not null default 0 check (strands_wanted between 0 and 400),
	add column finishes_wanted integer not null default 0 check (finishes_wanted between 0 and 100),
	add column checks_wanted integer not null default 0 check (checks_wanted between 0 and 100),
	add column pillows_wanted integer not null default 0 check (pillows_wanted between 0 and 100);
