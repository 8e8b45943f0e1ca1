-- Prepare: what acts at the table move, who may take which seat, and the days the table meets.

-- Acts at the table move things for reasons of their own.
alter table entry drop constraint entry_reason_check;
alter table entry add constraint entry_reason_check check (reason in ('sorted', 'cut', 'joined', 'made',
	'given', 'counted', 'imported', 'flattened', 'balled', 'loaded', 'correction'));

-- A cut says what a piece adds to a strand, and what of a bag's film is in it. Nothing was cut in the
-- book before now.
alter table cut
	add column piece_length_mm double precision not null check (piece_length_mm > 0),
	add column piece_g double precision not null check (piece_g > 0),
	drop constraint cut_group_id_style_strip_width_mm_pieces_per_bag_thickness__key,
	add constraint cut_once unique (group_id, style, strip_width_mm, pieces_per_bag, thickness_um,
		piece_length_mm, piece_g);

-- What was done at the table last is looked up among all else that was typed.
create index entry_of_table on entry (group_id, id)
	where type in ('flatten', 'cut', 'join', 'ball', 'load', 'recount');

-- What the entry moves on a mat is looked for when its beginning is taken back.
create index movement_of_thing on movement (group_id, thing_id) where thing_id is not null;
create index thing_by_sort on thing (group_id, sort, id);

-- Balls and chains that lie there: made, standing, and nothing else happened to them. Kept with what
-- happens to things, so that thousands are looked over in no time; alike ones have one mark.
create table lying (
	group_id uuid not null,
	thing_id bigint not null,
	alike text not null,
	primary key (group_id, thing_id),
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade
);
create index lying_alike on lying (group_id, alike, thing_id);
create function lie_down(of_group uuid, of_things bigint[]) returns void language sql as $$
	insert into lying (group_id, thing_id, alike)
	select t.group_id, t.id, md5(concat_ws(' ', t.sort, t.content ->> 'kindId', t.content -> 'cut', t.content -> 'colours'))
	from thing t
	where t.group_id = of_group and t.id = any(of_things) and t.sort in ('ball', 'chain')
		and not exists (select 1 from taken_back b where b.group_id = t.group_id and b.entry_id = t.entry_id)
		and not exists (select 1 from thing_event e where e.group_id = t.group_id and e.thing_id = t.id
			and e.what <> 'made' and not exists (
				select 1 from taken_back b where b.group_id = e.group_id and b.entry_id = e.entry_id))
	on conflict do nothing
$$;
create function lying_follows() returns trigger language plpgsql as $$
declare
	one record;
begin
	for one in select group_id, array_agg(thing_id) as things from added group by group_id loop
		delete from lying where group_id = one.group_id and thing_id = any(one.things);
		perform lie_down(one.group_id, one.things);
	end loop;
	return null;
end $$;
create trigger lying_follows after insert on thing_event
	referencing new table as added for each statement execute function lying_follows();
create function lying_follows_back() returns trigger language plpgsql as $$
declare
	one record;
begin
	for one in
		select g.group_id, array_agg(distinct e.thing_id) as things
		from gone g join thing_event e on e.group_id = g.group_id and e.entry_id = g.entry_id
		group by g.group_id
	loop
		delete from lying where group_id = one.group_id and thing_id = any(one.things);
		perform lie_down(one.group_id, one.things);
	end loop;
	return null;
end $$;
create trigger lying_follows_back after insert on taken_back
	referencing new table as gone for each statement execute function lying_follows_back();

-- A person: what the table has to know to seat them, and nothing else.
alter table person
	add column likes text check (char_length(likes) <= 200),
	add column is_child boolean not null default false,
	add column needs text[] not null default '{}'
		check (needs <@ array['sitting', 'one-hand', 'low-sight', 'short-spells']);
create table person_seat (
	group_id uuid not null,
	person_id uuid not null,
	seat text not null check (seat in ('flatten', 'cut-blunt', 'cut-sharp', 'cut-blade', 'join', 'ball',
		'load', 'weave', 'crochet', 'twine', 'bands', 'finish', 'check', 'pillows')),
	level text not null check (level in ('new', 'usual', 'practised')),
	primary key (group_id, person_id, seat),
	foreign key (group_id, person_id) references person (group_id, id) on delete cascade
);
-- Who sits well with whom; each pair once.
create table sits_well (
	group_id uuid not null,
	one_id uuid not null,
	other_id uuid not null,
	primary key (group_id, one_id, other_id),
	foreign key (group_id, one_id) references person (group_id, id) on delete cascade,
	foreign key (group_id, other_id) references person (group_id, id) on delete cascade,
	check (one_id < other_id)
);
create index sits_well_other on sits_well (group_id, other_id);

-- A day the table meets.
create table table_day (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null,
	day date not null,
	place text not null check (char_length(btrim(place)) between 1 and 120),
	version integer not null default 1,
	made_at timestamptz not null default now(),
	called_off_at timestamptz,
	primary key (group_id, id)
);
create unique index table_day_once on table_day (group_id, day, lower(btrim(place)))
	where called_off_at is null;
create table day_person (
	group_id uuid not null,
	day_id uuid not null,
	person_id uuid not null,
	primary key (group_id, day_id, person_id),
	foreign key (group_id, day_id) references table_day (group_id, id) on delete cascade,
	foreign key (group_id, person_id) references person (group_id, id) on delete cascade
);
create index day_of_person on day_person (group_id, person_id);

-- One person at one station of a day for a time, with the tool they cut with, where they cut.
create table seat (
	group_id uuid not null,
	id uuid not null,
	day_id uuid not null,
	person_id uuid not null,
	station text not null check (station in ('flatten', 'cut', 'join', 'ball', 'load', 'weave', 'crochet',
		'twine', 'bands', 'finish', 'check', 'pillows')),
	tool_id uuid,
	from_minute integer not null default 0 check (from_minute between 0 and 1440),
	to_minute integer not null default 1440 check (to_minute between 0 and 1440),
	version integer not null default 1,
	primary key (group_id, id),
	foreign key (group_id, day_id) references table_day (group_id, id) on delete cascade,
	foreign key (group_id, person_id) references person (group_id, id) on delete cascade,
	foreign key (group_id, tool_id) references tool (group_id, id),
	check (from_minute < to_minute)
);
create index seat_of_day on seat (group_id, day_id);
create index seat_of_person on seat (group_id, person_id);
create index seat_of_tool on seat (group_id, tool_id) where tool_id is not null;

-- A child gets blunt scissors at most: not by the seats they may take, nor by the tool they are given,
-- nor when they, the seat or the tool is changed afterwards. Whoever changes one of the three holds the
-- person's row, so that two changes at once do not pass each other.
create function child_at_blade() returns trigger language plpgsql as $$
begin
	if tg_table_name = 'tool' then
		perform 1 from person p where p.group_id = new.group_id and p.id in (
			select s.person_id from seat s where s.group_id = new.group_id and s.tool_id = new.id)
			order by p.id for update;
		if new.sort in ('sharp-scissors', 'rolling-blade') and exists (
			select 1 from seat s join person p on p.group_id = s.group_id and p.id = s.person_id
			where s.group_id = new.group_id and s.tool_id = new.id and p.is_child) then
			raise exception 'a child sits with that tool' using errcode = 'check_violation', constraint = 'child_at_blade';
		end if;
		return null;
	end if;
	if tg_table_name = 'person' then
		if not new.is_child then return null; end if;
		if exists (select 1 from person_seat s where s.group_id = new.group_id and s.person_id = new.id
				and s.seat in ('cut-sharp', 'cut-blade'))
			or exists (select 1 from seat s left join tool t on t.group_id = s.group_id and t.id = s.tool_id
				where s.group_id = new.group_id and s.person_id = new.id and s.station = 'cut'
				and t.sort is distinct from 'blunt-scissors')
			or exists (select 1 from seat s join tool t on t.group_id = s.group_id and t.id = s.tool_id
				where s.group_id = new.group_id and s.person_id = new.id
				and t.sort in ('sharp-scissors', 'rolling-blade')) then
			raise exception 'a child sits at a blade' using errcode = 'check_violation', constraint = 'child_at_blade';
		end if;
		return null;
	end if;
	perform 1 from person p where p.group_id = new.group_id and p.id = new.person_id for update;
	if tg_table_name = 'person_seat' then
		if new.seat in ('cut-sharp', 'cut-blade') and exists (
			select 1 from person p where p.group_id = new.group_id and p.id = new.person_id and p.is_child) then
			raise exception 'a child sits at a blade' using errcode = 'check_violation', constraint = 'child_at_blade';
		end if;
		return null;
	end if;
	-- The tool's row is held, too: its sort does not change between this look and the end.
	perform 1 from tool t where t.group_id = new.group_id and t.id = new.tool_id for share;
	if exists (select 1 from person p left join tool t on t.group_id = p.group_id and t.id = new.tool_id
		where p.group_id = new.group_id and p.id = new.person_id and p.is_child
		and (t.sort in ('sharp-scissors', 'rolling-blade')
			or (new.station = 'cut' and t.sort is distinct from 'blunt-scissors'))) then
		raise exception 'a child sits at a blade' using errcode = 'check_violation', constraint = 'child_at_blade';
	end if;
	return null;
end $$;
create trigger child_at_blade after insert or update on seat
	for each row execute function child_at_blade();
create trigger child_at_blade after insert or update on person_seat
	for each row execute function child_at_blade();
create trigger child_at_blade after update of is_child on person
	for each row execute function child_at_blade();
create trigger child_at_blade after update of sort on tool
	for each row execute function child_at_blade();

-- Labels that wait for the small printer. Each is printed once; what jams half way waits still.
create table label_job (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id bigint generated always as identity,
	key uuid not null,
	code text not null check (code ~ '^[2-9A-HJKMNP-Z]{5}$'),
	asked_at timestamptz not null default now(),
	printed_at timestamptz,
	dropped_at timestamptz,
	primary key (group_id, id),
	unique (group_id, key, code)
);
create index label_job_waiting on label_job (group_id, id) where printed_at is null and dropped_at is null;
-- The stand-in printer itself: how many labels are on its roll, and what is wrong with it.
create table label_printer (
	group_id uuid primary key references volunteer_group (id) on delete cascade,
	labels_left integer not null default 40 check (labels_left between 0 and 10000),
	is_cover_open boolean not null default false,
	is_jammed boolean not null default false
);
