-- Printers that printed the measuring sheet, and how long its line of 100 mm comes out of each.
create table sheet_printer (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null,
	name text not null check (char_length(btrim(name)) between 1 and 60),
	line_um integer not null check (line_um between 80000 and 125000),
	made_at timestamptz not null default now(),
	primary key (group_id, id)
);

-- A link may also take one picture from a telephone to the one who plans: within its hour, and once.
alter table link drop constraint link_grants_check;
alter table link add constraint link_grants_check
	check (grants in ('read-plan', 'make', 'join', 'station', 'asks', 'calendar', 'photo'));
create table handed_picture (
	group_id uuid not null,
	link_id uuid not null,
	picture bytea not null check (octet_length(picture) <= 20971520),
	came_at timestamptz not null default now(),
	primary key (group_id, link_id),
	foreign key (group_id, link_id) references link (group_id, id) on delete cascade
);

-- A picture that somebody wished to keep, made anew without its notes; it can be removed.
create table kept_picture (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null,
	subject text not null check (subject in ('bag', 'strips', 'swatch', 'loom', 'mat', 'cover')),
	picture bytea not null check (octet_length(picture) <= 2097152),
	kept_at timestamptz not null default now(),
	primary key (group_id, id)
);
create index kept_picture_newest on kept_picture (group_id, kept_at desc);

do $$
declare one text;
begin
	foreach one in array array['sheet_printer', 'handed_picture', 'kept_picture'] loop
		execute format('alter table %I enable row level security', one);
		execute format('create policy of_group on %I using (group_id = (select group_at_hand()))', one);
	end loop;
end $$;
