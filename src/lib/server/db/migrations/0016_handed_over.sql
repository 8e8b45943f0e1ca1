-- How a thing stands: what happened to it last and was not taken back. Kept with what happens, so that
-- few among thousands are found in no time; a thing whose beginning was taken back has none.
create table thing_state (
	group_id uuid not null,
	thing_id bigint not null,
	sort text not null,
	what text not null,
	entry_id bigint not null,
	at timestamptz not null,
	primary key (group_id, thing_id),
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade
);
create index thing_state_of_sort on thing_state (group_id, sort, what, at, thing_id);
create function stand_anew(of_group uuid, of_things bigint[]) returns void language plpgsql as $$
begin
	-- Of two who act on one thing at once, the second waits here and sees what the first did.
	perform 1 from thing where group_id = of_group and id = any(of_things) order by id for no key update;
	delete from thing_state where group_id = of_group and thing_id = any(of_things);
	insert into thing_state (group_id, thing_id, sort, what, entry_id, at)
	select t.group_id, t.id, t.sort, x.what, x.entry_id, x.typed_at
	from thing t
	join lateral (select v.what, v.entry_id, e.typed_at from thing_event v
		join entry e on e.group_id = v.group_id and e.id = v.entry_id
		where v.group_id = t.group_id and v.thing_id = t.id
			and not exists (select 1 from taken_back b where b.group_id = v.group_id and b.entry_id = v.entry_id)
		order by v.id desc limit 1) x on true
	where t.group_id = of_group and t.id = any(of_things)
		and not exists (select 1 from taken_back b where b.group_id = t.group_id and b.entry_id = t.entry_id);
end $$;
create function state_follows() returns trigger language plpgsql as $$
declare
	one record;
begin
	for one in select group_id, array_agg(distinct thing_id) as things from added group by group_id loop
		perform stand_anew(one.group_id, one.things);
	end loop;
	return null;
end $$;
create trigger state_follows after insert on thing_event
	referencing new table as added for each statement execute function state_follows();
create function state_follows_back() returns trigger language plpgsql as $$
declare
	one record;
begin
	for one in
		select g.group_id, array_agg(distinct e.thing_id) as things
		from gone g join thing_event e on e.group_id = g.group_id and e.entry_id = g.entry_id
		group by g.group_id
	loop
		perform stand_anew(one.group_id, one.things);
	end loop;
	return null;
end $$;
create trigger state_follows_back after insert on taken_back
	referencing new table as gone for each statement execute function state_follows_back();
do $$
declare
	one record;
begin
	for one in select group_id, array_agg(id) as things from thing group by group_id loop
		perform stand_anew(one.group_id, one.things);
	end loop;
end $$;

-- How a place receives mats: when, by which stairs, by which rules of its own.
alter table place
	add column hours text check (char_length(hours) <= 200),
	add column stairs text check (char_length(stairs) <= 200),
	add column own_rules text check (char_length(own_rules) <= 400);

-- What a place asks for, and what it was promised: the last that was said of an ask stands.
create table mat_ask (
	group_id uuid not null,
	entry_id bigint not null,
	place_id uuid not null,
	mats integer not null check (mats between 1 and 1000),
	width_mm double precision check (width_mm > 0),
	length_mm double precision check (length_mm > 0),
	by_day date not null,
	note text check (char_length(note) <= 400),
	primary key (group_id, entry_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, place_id) references place (group_id, id),
	check ((width_mm is null) = (length_mm is null))
);
create table mat_promise (
	group_id uuid not null,
	entry_id bigint not null,
	ask_id bigint not null,
	mats integer not null check (mats between 0 and 1000),
	primary key (group_id, entry_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, ask_id) references mat_ask (group_id, entry_id) on delete cascade
);
create index mat_promise_of_ask on mat_promise (group_id, ask_id, entry_id);
select keep_appended('mat_ask');
select keep_appended('mat_promise');
create view standing_ask as
	select a.*, e.typed_at from mat_ask a join entry e on e.group_id = a.group_id and e.id = a.entry_id
	where not exists (select 1 from taken_back b where b.group_id = a.group_id and b.entry_id = a.entry_id);
create view standing_promise as
	select p.* from mat_promise p
	where not exists (select 1 from taken_back b where b.group_id = p.group_id and b.entry_id = p.entry_id);

-- Film lies in mats and in pillows.
create or replace function movement_has_its_mat() returns trigger language plpgsql as $$
begin
	if exists (select 1 from added a left join thing t on t.group_id = a.group_id and t.id = a.thing_id
		where a.thing_id is not null and (t.sort is null or t.sort not in ('mat', 'pillow'))) then
		raise exception 'a movement has no mat and no pillow' using errcode = 'foreign_key_violation';
	end if;
	return null;
end $$;

-- How a delivery is packed, and what goes with it.
alter table delivery
	add column crate_width_mm double precision check (crate_width_mm > 0),
	add column crate_depth_mm double precision check (crate_depth_mm > 0),
	add column crate_height_mm double precision check (crate_height_mm > 0),
	add column gathering text check (char_length(gathering) <= 200);
-- What a mat weighs, and the hands that made it: timed by its rows, or estimated by its plan, min.
alter table delivery_mat
	add column mass_g double precision check (mass_g > 0),
	add column timed_min double precision not null default 0 check (timed_min >= 0),
	add column estimated_min double precision not null default 0 check (estimated_min >= 0);
create table delivery_pillow (
	group_id uuid not null,
	entry_id bigint not null,
	thing_id bigint not null,
	-- The mat it goes with; null where it goes by itself.
	mat_id bigint,
	bags double precision not null check (bags >= 0),
	film_mg bigint not null check (film_mg >= 0),
	primary key (group_id, entry_id, thing_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade,
	foreign key (group_id, mat_id) references thing (group_id, id) on delete cascade
);
create index delivery_pillow_of_thing on delivery_pillow (group_id, thing_id);
create index delivery_pillow_of_mat on delivery_pillow (group_id, mat_id) where mat_id is not null;
select keep_appended('delivery_pillow');
drop view standing_delivery;
create view standing_delivery as
	select d.*, e.typed_at from delivery d join entry e on e.group_id = d.group_id and e.id = d.entry_id
	where not exists (select 1 from taken_back b where b.group_id = d.group_id and b.entry_id = d.entry_id);

-- Mats that were handed over and have not come back since.
create index thing_event_back on thing_event (group_id, thing_id, entry_id) where what = 'sent-back';
create view handed_over as
	select m.*, d.thing_id as delivery_id, d.place_id, d.goes_on
	from standing_delivery d
	join delivery_mat m on m.group_id = d.group_id and m.entry_id = d.entry_id
	where not exists (
		select 1 from thing_event x where x.group_id = m.group_id and x.thing_id = m.thing_id
			and x.what = 'sent-back' and x.entry_id > d.entry_id
			and not exists (select 1 from taken_back b where b.group_id = x.group_id and b.entry_id = x.entry_id));


-- What a mat teaches where its figures are odd: whether that was said to be so.
create table teaching_said (
	group_id uuid not null,
	entry_id bigint not null,
	thing_id bigint not null,
	is_so boolean not null,
	primary key (group_id, entry_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade
);
create index teaching_said_of_thing on teaching_said (group_id, thing_id, entry_id);
select keep_appended('teaching_said');
