-- What becomes of a mat that is made: it is checked, mended, taken apart, or goes to another use.
alter table thing_event drop constraint thing_event_what_check;
alter table thing_event add constraint thing_event_what_check check (what in
	('made', 'begun', 'finished', 'taken-apart', 'given', 'lost', 'good', 'to-mend', 'mended', 'other-use',
	'delivered', 'received', 'sent-back'));

-- A check as it was done: what was measured and found, and what it came to.
create table mat_check (
	group_id uuid not null,
	entry_id bigint not null,
	thing_id bigint not null,
	result text not null check (result in ('good', 'mend', 'apart', 'other-use')),
	width_mm double precision not null check (width_mm > 0),
	length_mm double precision not null check (length_mm > 0),
	mass_g double precision check (mass_g > 0),
	found jsonb not null check (jsonb_typeof(found) = 'object' and pg_column_size(found) < 8000),
	primary key (group_id, entry_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade
);
create index mat_check_of_thing on mat_check (group_id, thing_id, entry_id);
select keep_appended('mat_check');
create view standing_check as
	select c.*, e.typed_at from mat_check c join entry e on e.group_id = c.group_id and e.id = c.entry_id
	where not exists (select 1 from taken_back b where b.group_id = c.group_id and b.entry_id = c.entry_id);

-- Mats that wait to be checked or mended are few among all that were ever made.
create index thing_mats on thing (group_id, id) where sort = 'mat';

-- What goes to a place: the mats of a delivery, which is a thing of its own.
create table delivery (
	group_id uuid not null,
	entry_id bigint not null,
	thing_id bigint not null,
	place_id uuid not null,
	goes_on date not null,
	note text check (char_length(note) <= 400),
	primary key (group_id, entry_id),
	unique (group_id, thing_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade,
	foreign key (group_id, place_id) references place (group_id, id)
);
create table delivery_mat (
	group_id uuid not null,
	entry_id bigint not null,
	thing_id bigint not null,
	-- How large it is, as its last check or its plan has it, and the bags that lie in it; null where nothing says so.
	width_mm double precision not null check (width_mm > 0),
	length_mm double precision not null check (length_mm > 0),
	bags double precision check (bags >= 0),
	film_mg bigint check (film_mg >= 0),
	primary key (group_id, entry_id, thing_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade
);
create index delivery_mat_of_thing on delivery_mat (group_id, thing_id);
select keep_appended('delivery');
select keep_appended('delivery_mat');
create view standing_delivery as
	select d.*, e.typed_at from delivery d join entry e on e.group_id = d.group_id and e.id = d.entry_id
	where not exists (select 1 from taken_back b where b.group_id = d.group_id and b.entry_id = d.entry_id);

-- A place that receives nothing any more stands by its deliveries still.
alter table place drop constraint place_check;
