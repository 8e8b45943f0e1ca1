-- Who has a mat: the last of it that stands. Nobody where it lies at the table.
create table hand_on (
	group_id uuid not null,
	entry_id bigint not null,
	thing_id bigint not null,
	person_id uuid,
	primary key (group_id, entry_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade,
	foreign key (group_id, person_id) references person (group_id, id)
);
create index hand_on_of_thing on hand_on (group_id, thing_id, entry_id);
select keep_appended('hand_on');

-- Rows of a mat: a tap is one more or one less; a number says so many, and which taps it has seen.
create table row_mark (
	group_id uuid not null,
	entry_id bigint not null,
	thing_id bigint not null,
	-- Of a loom each end by itself.
	side text not null check (side in ('near', 'far')),
	step integer check (abs(step) = 1),
	set_to integer check (set_to between 0 and 20000),
	-- Of each device, the last entry that was seen.
	seen jsonb check (jsonb_typeof(seen) = 'object'),
	-- By how much a number moved the count when it was said.
	jump integer not null default 0,
	primary key (group_id, entry_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade,
	check ((step is null) <> (set_to is null)),
	check ((set_to is null) = (seen is null))
);
create index row_mark_of_thing on row_mark (group_id, thing_id, side, entry_id);
select keep_appended('row_mark');

create view standing_row as
	select m.group_id, m.entry_id, m.thing_id, m.side, m.step, m.set_to, m.seen, m.jump,
		e.device, e.sequence, e.typed_at
	from row_mark m join entry e on e.group_id = m.group_id and e.id = m.entry_id
	where not exists (select 1 from taken_back b where b.group_id = m.group_id and b.entry_id = m.entry_id);

-- Rows made at each end of each mat: the latest number that was said, and all taps it has not seen.
create view rows_made as
	with last_set as (
		select distinct on (group_id, thing_id, side) group_id, thing_id, side, entry_id, set_to, seen
		from standing_row where set_to is not null order by group_id, thing_id, side, entry_id desc)
	select r.group_id, r.thing_id, r.side,
		greatest(0, coalesce(max(s.set_to), 0) + coalesce(sum(r.step) filter (where s.entry_id is null
			or (case when r.device is null or r.sequence is null then r.entry_id > s.entry_id
				else r.sequence > coalesce((s.seen ->> r.device::text)::bigint, -1) end)), 0))::integer as made,
		max(r.typed_at) as last_at, max(r.entry_id) as last_entry
	from standing_row r
	left join last_set s on s.group_id = r.group_id and s.thing_id = r.thing_id and s.side = r.side
	group by r.group_id, r.thing_id, r.side;

-- Balls that were given for a mat.
create index entry_issue_for_mat on entry (group_id, (typed ->> 'mat')) where type = 'issue';
