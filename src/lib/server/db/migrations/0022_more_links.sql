-- A link may also open one station of a day to tap at, the page that says what is asked for, and the
-- calendar of the season.
alter table link add column day_id uuid, add column station text
	check (station in ('flatten', 'cut', 'join', 'ball')),
	add foreign key (group_id, day_id) references table_day (group_id, id) on delete cascade;
alter table link drop constraint link_grants_check;
alter table link add constraint link_grants_check
	check (grants in ('read-plan', 'make', 'join', 'station', 'asks', 'calendar')),
	add check ((grants = 'station') = (day_id is not null and station is not null));

-- What came by a link that was closed by then: kept as it came, until a coordinator says what becomes of it.
create table late_entry (
	group_id uuid not null,
	key uuid not null,
	link_id uuid not null,
	came_at timestamptz not null default now(),
	sent jsonb not null check (jsonb_typeof(sent) = 'object' and pg_column_size(sent) < 20000),
	settled_at timestamptz,
	is_kept boolean,
	primary key (group_id, key),
	foreign key (group_id, link_id) references link (group_id, id) on delete cascade,
	check ((settled_at is null) = (is_kept is null))
);
create index late_entry_open on late_entry (group_id, came_at) where settled_at is null;
alter table late_entry enable row level security;
create policy of_group on late_entry using (group_id = (select group_at_hand()));
