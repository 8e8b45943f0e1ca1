-- A sorted pile says what it was, so that what hangs to dry is known by kind and colour; and bags
-- that dried say which pile they hung in, so that none is counted twice and none is forgotten.
alter table sorting
	add column kind_id uuid,
	add column colour text check (colour in ('white', 'clear', 'grey', 'black', 'blue', 'green',
		'yellow', 'orange', 'red', 'pink', 'brown', 'mixed')),
	add column by_name text check (char_length(by_name) <= 120),
	add column dried_from bigint,
	add foreign key (group_id, kind_id) references bag_kind (group_id, id),
	add foreign key (group_id, dried_from) references sorting (group_id, id) on delete cascade;
create index sorting_of_pile on sorting (group_id, dried_from) where dried_from is not null;
create index sorting_newest on sorting (group_id, id desc);

-- What came in or was sorted is never changed either: it is taken back, once, with a reason.
create table taken_back (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id bigint generated always as identity,
	key uuid not null,
	drop_off_id bigint,
	sorting_id bigint,
	note text not null check (char_length(note) <= 400),
	by_name text check (char_length(by_name) <= 120),
	taken_at timestamptz not null default now(),
	primary key (group_id, id),
	unique (group_id, key),
	unique (group_id, drop_off_id),
	unique (group_id, sorting_id),
	foreign key (group_id, drop_off_id) references drop_off (group_id, id) on delete cascade,
	foreign key (group_id, sorting_id) references sorting (group_id, id) on delete cascade,
	check (num_nonnulls(drop_off_id, sorting_id) = 1)
);

create view standing_drop_off as
select d.* from drop_off d where not exists (
	select 1 from taken_back t where t.group_id = d.group_id and t.drop_off_id = d.id);

create view standing_sorting as
select s.* from sorting s where not exists (
	select 1 from taken_back t where t.group_id = s.group_id and t.sorting_id = s.id);

-- Piles that were hung to dry, with how many of them were not sorted since.
create view drying_pile as
select s.*, s.drying - coalesce((
	select sum(t.strand + t.stuffing + t.drying + t.rejected) from standing_sorting t
	where t.group_id = s.group_id and t.dried_from = s.id), 0) as hanging
from standing_sorting s where s.drying > 0;
