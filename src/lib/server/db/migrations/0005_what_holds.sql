-- The hall's own zone: a day is the hall's day. And the country whose way of writing numbers it has.
-- Both are guessed from the first device that opens the application, and can be changed.
alter table volunteer_group
	add column time_zone text check (char_length(time_zone) between 1 and 64),
	add column locale text check (locale ~ '^[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8}){0,3}$');

-- Every entry's key, with a digest of what came under it: the same again counts once, other content
-- under a key is a conflict and is said.
create table entry_key (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	key uuid not null,
	digest text not null,
	kept_at timestamptz not null default now(),
	primary key (group_id, key)
);

-- What is never changed is never emptied either, and what came in is not changed any more than the
-- ledger is. A pile that hung to dry may be said to be gone; nothing else of a sorting changes.
create function refuse_emptying() returns trigger language plpgsql as $$
begin
	raise exception '% is appended to, never emptied', tg_table_name
		using errcode = 'integrity_constraint_violation';
end $$;
create function refuse_change_of_sorting() returns trigger language plpgsql as $$
begin
	if tg_op = 'UPDATE' and to_jsonb(new) - 'looked_again_at' = to_jsonb(old) - 'looked_again_at' then
		return new;
	end if;
	if tg_op = 'DELETE' and not exists (select 1 from volunteer_group where id = old.group_id) then
		return old;
	end if;
	raise exception 'a sorting is taken back, never changed' using errcode = 'integrity_constraint_violation';
end $$;
create trigger movement_is_not_emptied before truncate on movement
	for each statement execute function refuse_emptying();
create trigger drop_off_stays before update or delete on drop_off
	for each row execute function refuse_change();
create trigger drop_off_is_not_emptied before truncate on drop_off
	for each statement execute function refuse_emptying();
create trigger sorting_stays before update or delete on sorting
	for each row execute function refuse_change_of_sorting();
create trigger sorting_is_not_emptied before truncate on sorting
	for each statement execute function refuse_emptying();
create trigger taken_back_stays before update or delete on taken_back
	for each row execute function refuse_change();
create trigger taken_back_is_not_emptied before truncate on taken_back
	for each statement execute function refuse_emptying();

-- What each place brought and what was sorted of it, kept with the entries, so that a list of places
-- is read as fast after ten years as after a week.
create table place_tally (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	place_id uuid not null,
	bags double precision not null default 0,
	drop_offs bigint not null default 0,
	sorted bigint not null default 0,
	rejected bigint not null default 0,
	last_came date,
	primary key (group_id, place_id),
	foreign key (group_id, place_id) references place (group_id, id) on delete cascade
);
create index drop_off_of_place on drop_off (group_id, place_id, came_on desc, id desc);

insert into place_tally (group_id, place_id, bags, drop_offs, sorted, rejected, last_came)
select p.group_id, p.id, coalesce(d.bags, 0), coalesce(d.drop_offs, 0), coalesce(s.sorted, 0),
	coalesce(s.rejected, 0), d.last_came
from place p
left join (select group_id, place_id, sum(bags) as bags, count(*) as drop_offs, max(came_on) as last_came
	from standing_drop_off group by group_id, place_id) d on d.group_id = p.group_id and d.place_id = p.id
left join (select group_id, place_id, sum(strand + stuffing + rejected) as sorted,
	sum(stuffing + rejected) as rejected
	from standing_sorting group by group_id, place_id) s on s.group_id = p.group_id and s.place_id = p.id;

create function begin_place_tally() returns trigger language plpgsql as $$
begin
	insert into place_tally (group_id, place_id) values (new.group_id, new.id);
	return new;
end $$;
create trigger begin_place_tally after insert on place
	for each row execute function begin_place_tally();

create function tally_drop_offs() returns trigger language plpgsql as $$
begin
	update place_tally t
	set bags = t.bags + a.bags, drop_offs = t.drop_offs + a.drop_offs,
		last_came = greatest(t.last_came, a.last_came)
	from (select group_id, place_id, sum(bags) as bags, count(*) as drop_offs, max(came_on) as last_came
		from added group by group_id, place_id) a
	where t.group_id = a.group_id and t.place_id = a.place_id;
	return null;
end $$;
create trigger tally_drop_offs after insert on drop_off
	referencing new table as added for each statement execute function tally_drop_offs();

-- Piles that hang to dry, with how many of each do, in the place of a sum over everything sorted.
create table drying (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	sorting_id bigint not null,
	hanging integer not null check (hanging >= 0),
	primary key (group_id, sorting_id),
	foreign key (group_id, sorting_id) references sorting (group_id, id) on delete cascade
);
create index drying_now on drying (group_id, sorting_id) where hanging > 0;
insert into drying (group_id, sorting_id, hanging)
select group_id, id, greatest(0, hanging) from drying_pile;
drop view drying_pile;
create view drying_pile as
select s.*, d.hanging from drying d join sorting s on s.group_id = d.group_id and s.id = d.sorting_id;

create function tally_sorting() returns trigger language plpgsql as $$
begin
	update place_tally t
	set sorted = t.sorted + new.strand + new.stuffing + new.rejected,
		rejected = t.rejected + new.stuffing + new.rejected
	where t.group_id = new.group_id and t.place_id = new.place_id;
	if new.drying > 0 then
		insert into drying (group_id, sorting_id, hanging) values (new.group_id, new.id, new.drying);
	end if;
	if new.dried_from is not null then
		update drying set hanging = hanging - (new.strand + new.stuffing + new.drying + new.rejected)
		where group_id = new.group_id and sorting_id = new.dried_from;
	end if;
	return new;
end $$;
create trigger tally_sorting after insert on sorting
	for each row execute function tally_sorting();

create function tally_taken_back() returns trigger language plpgsql as $$
begin
	-- What came on the last day may be among what is taken back, so that day is looked up again.
	update place_tally t
	set bags = t.bags - g.bags, drop_offs = t.drop_offs - g.drop_offs,
		last_came = (select d.came_on from drop_off d
			where d.group_id = t.group_id and d.place_id = t.place_id
				and not exists (select 1 from taken_back b where b.group_id = d.group_id and b.drop_off_id = d.id)
			order by d.came_on desc, d.id desc limit 1)
	from (select d.group_id, d.place_id, sum(d.bags) as bags, count(*) as drop_offs
		from gone join drop_off d on d.group_id = gone.group_id and d.id = gone.drop_off_id
		group by d.group_id, d.place_id) g
	where t.group_id = g.group_id and t.place_id = g.place_id;
	update place_tally t
	set sorted = t.sorted - g.sorted, rejected = t.rejected - g.rejected
	from (select s.group_id, s.place_id, sum(s.strand + s.stuffing + s.rejected) as sorted,
			sum(s.stuffing + s.rejected) as rejected
		from gone join sorting s on s.group_id = gone.group_id and s.id = gone.sorting_id
		group by s.group_id, s.place_id) g
	where t.group_id = g.group_id and t.place_id = g.place_id;
	update drying d
	set hanging = d.hanging + g.bags
	from (select s.group_id, s.dried_from, sum(s.strand + s.stuffing + s.drying + s.rejected) as bags
		from gone join sorting s on s.group_id = gone.group_id and s.id = gone.sorting_id
		where s.dried_from is not null group by s.group_id, s.dried_from) g
	where d.group_id = g.group_id and d.sorting_id = g.dried_from;
	delete from drying d using gone where d.group_id = gone.group_id and d.sorting_id = gone.sorting_id;
	return null;
end $$;
create trigger tally_taken_back after insert on taken_back
	referencing new table as gone for each statement execute function tally_taken_back();

-- A kind of bag remembers of how many bags its mass was found, so that correcting its name does not
-- change what it weighs.
alter table bag_kind add column handful_count integer not null default 10
	check (handful_count between 1 and 1000);

-- A list that was kept can be taken back whole, so its rows say which list they came with; how its
-- columns were matched is remembered for the next list of the same heads.
alter table drop_off add column list_import_id uuid;
alter table movement add column list_import_id uuid;
create index drop_off_of_list on drop_off (group_id, list_import_id) where list_import_id is not null;
create index movement_of_list on movement (group_id, list_import_id) where list_import_id is not null;
-- The view was made before the column was.
create or replace view standing_drop_off as
select d.* from drop_off d where not exists (
	select 1 from taken_back t where t.group_id = d.group_id and t.drop_off_id = d.id);
alter table list_import
	add column taken_back_at timestamptz,
	-- Which way round the days of the list are written, once somebody has said so.
	add column day_order text check (day_order in ('ymd', 'dmy', 'mdy')),
	-- Rows that are there already are left out, or brought in all the same.
	add column known_rows text not null default 'ask' check (known_rows in ('ask', 'skip', 'again')),
	-- Somebody has looked at its odd counts and said that they are right.
	add column odd_right boolean not null default false;
create table list_matching (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	list text not null check (list in ('drop-offs', 'movements')),
	heads text not null,
	matching jsonb not null,
	day_order text check (day_order in ('ymd', 'dmy', 'mdy')),
	primary key (group_id, list, heads)
);

-- A handful says which kind of bag it weighed; a finished mat, of which kind it is; a swatch, the
-- width of a stitch and the height of a row each for itself.
update measurement m
set readings = jsonb_set(m.readings, '{bagMass,bag}', b.bag)
from plan p, lateral (select jsonb_build_object(
	'flatWidthMm', p.document #> '{plan,bag,flat_width_mm}', 'gussetMm', p.document #> '{plan,bag,gusset_mm}',
	'bodyMm', p.document #> '{plan,bag,body_mm}', 'handleMm', p.document #> '{plan,bag,handle_mm}',
	'massG', p.document #> '{plan,bag,mass_g}') as bag) b
where p.group_id = m.group_id and p.id::text = m.typed ->> 'planId' and m.readings ? 'bagMass';
update measurement m
set readings = jsonb_set(m.readings, '{mat,bag}', b.bag)
from plan p, lateral (select jsonb_build_object(
	'flatWidthMm', p.document #> '{plan,bag,flat_width_mm}', 'gussetMm', p.document #> '{plan,bag,gusset_mm}',
	'bodyMm', p.document #> '{plan,bag,body_mm}', 'handleMm', p.document #> '{plan,bag,handle_mm}',
	'massG', p.document #> '{plan,bag,mass_g}') as bag) b
where p.group_id = m.group_id and p.id::text = m.typed ->> 'planId' and m.readings ? 'mat';
-- A handful or a mat of a plan that is gone says of no kind what it weighs: it is left out.
update measurement set is_left_out = true
where (readings ? 'bagMass' and not readings -> 'bagMass' ? 'bag')
	or (readings ? 'mat' and not readings -> 'mat' ? 'bag');
update measurement set readings = readings - 'bagMass' where readings ? 'bagMass' and not readings -> 'bagMass' ? 'bag';
update measurement set readings = readings - 'mat' where readings ? 'mat' and not readings -> 'mat' ? 'bag';

-- The gauge was the geometric mean of both. How high a stitch is over its width depends on the
-- stitch alone by the craft, so both can be told from what was typed.
with split as (
	select m.group_id, m.id, (m.readings #>> '{gauge,ratio}')::double precision as gauge,
		sqrt(((m.typed ->> 'heightMm')::double precision / (m.typed ->> 'rows')::double precision)
			/ ((m.typed ->> 'lengthMm')::double precision / (m.typed ->> 'counted')::double precision)
			/ case p.document #>> '{plan,technique,stitch}'
				when 'hdc' then 1.6 / 1.27 when 'dc' then 2.3 / 1.27 else 1.12 / 1.27 end) as aspect
	from measurement m
	left join plan p on p.group_id = m.group_id and p.id::text = m.typed ->> 'planId'
	where m.readings ? 'gauge'
)
update measurement m
set readings = (m.readings - 'gauge') || jsonb_build_object(
	'stitchWidth', jsonb_build_object('ratio', s.gauge / coalesce(s.aspect, 1), 'cv', m.readings #> '{gauge,cv}'),
	'rowHeight', jsonb_build_object('ratio', s.gauge * coalesce(s.aspect, 1), 'cv', m.readings #> '{gauge,cv}'))
from split s where s.group_id = m.group_id and s.id = m.id;
-- The strand of a mat of a given size follows the height of its rows: width and strand a stitch cancel.
update measurement
set readings = jsonb_set(readings, '{mat,slopes}',
	((readings #> '{mat,slopes}') - 'gauge') || jsonb_build_object('rowHeight', readings #> '{mat,slopes,gauge}'))
where readings #> '{mat,slopes}' ? 'gauge';
