-- How many mats of a plan the season still wants.
alter table plan add column mats_wanted integer not null default 0
	check (mats_wanted between 0 and 1000);

-- Row pitch was one factor for loom, frame and bands; each technique has its own now. What was
-- measured belongs to the technique of the plan it was held against.
update measurement m
set readings = (m.readings - 'rowPitch') || jsonb_build_object(
	case p.document #>> '{plan,technique,kind}' when 'twined' then 'framePitch' else 'loomPitch' end,
	m.readings -> 'rowPitch')
from plan p
where p.group_id = m.group_id and p.id::text = m.typed ->> 'planId' and m.readings ? 'rowPitch';

-- A finished mat is a measure too.
alter table measurement drop constraint measurement_kind_check;
alter table measurement add constraint measurement_kind_check
	check (kind in ('swatch', 'chain', 'woven', 'handful', 'mat'));

-- Hands are timed at a work: the making of a mat by each technique for itself. What was timed so
-- far was counted in stitches.
alter table timed_work rename column station to work;
alter table timed_work drop constraint timed_work_station_check;
update timed_work set work = 'crochet' where work = 'make';
alter table timed_work add constraint timed_work_work_check check (work in ('flatten', 'cut', 'join',
	'ball', 'crochet', 'peg-loom', 'twined', 'finger-bands', 'finish', 'check', 'roll'));

-- The same timed work, measured by one maker, is looked up by name.
create index measurement_of_maker on measurement (group_id, lower(btrim(maker)));
create index timed_work_of_maker on timed_work (group_id, lower(btrim(maker)));

-- Movements come one by one and by tens of thousands from a list. Balances follow a statement, not
-- a row: a line that a list moves a thousand times is written once. The lines are taken in one
-- order, so that two statements never wait for each other.
drop trigger book_movement on movement;
drop function book_movement();
create function book_movements() returns trigger language plpgsql as $$
declare
	line record;
begin
	for line in
		select group_id, kind_id, colour, form, sum(amount) as amount, count(*) as movements,
			max(moved_at) as moved_at
		from added group by group_id, kind_id, colour, form
		order by group_id, kind_id, colour, form
	loop
		-- A line that begins here begins empty, and is then moved like any other: another may begin
		-- it at the same moment, and whoever comes second waits here and finds it.
		perform 1 from balance b
		where b.group_id = line.group_id and b.kind_id = line.kind_id
			and b.colour = line.colour and b.form = line.form;
		if not found then
			insert into balance (group_id, kind_id, colour, form, amount, movements, moved_at)
			values (line.group_id, line.kind_id, line.colour, line.form, 0, 0, line.moved_at)
			on conflict (group_id, kind_id, colour, form) do nothing;
		end if;
		-- What waited on a device, and rows of old lists, are booked after newer ones: a line was
		-- last moved when its newest movement was.
		update balance b
		set amount = b.amount + line.amount, movements = b.movements + line.movements,
			moved_at = greatest(b.moved_at, line.moved_at)
		where b.group_id = line.group_id and b.kind_id = line.kind_id
			and b.colour = line.colour and b.form = line.form;
		if not found then
			raise exception 'a movement found no line to be booked in';
		end if;
	end loop;
	return null;
end $$;
create trigger book_movements after insert on movement
	referencing new table as added
	for each statement execute function book_movements();

-- A list brought in as CSV, from the moment it is laid on the table until its rows are kept: all of
-- them or none.
create table list_import (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null default gen_random_uuid(),
	list text not null check (list in ('drop-offs', 'movements')),
	file_name text not null check (char_length(file_name) <= 200),
	-- The rows as they were read, the heads first, and which field each column is.
	rows jsonb not null,
	row_count integer not null check (row_count between 0 and 50000),
	matching jsonb not null,
	-- Of the rows, so that the same list brought in again is noticed.
	digest text not null,
	created_at timestamptz not null default now(),
	kept_at timestamptz,
	primary key (group_id, id)
);
create index list_import_by_digest on list_import (group_id, digest) where kept_at is not null;
