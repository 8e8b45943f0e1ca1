-- Where bags come from.
create table place (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null default gen_random_uuid(),
	name text not null check (char_length(btrim(name)) between 1 and 120),
	created_at timestamptz not null default now(),
	primary key (group_id, id)
);
create unique index place_by_name on place (group_id, lower(btrim(name)));

-- The kinds of bag a group knows, drawn from their measures.
create table bag_kind (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null default gen_random_uuid(),
	name text not null check (char_length(btrim(name)) between 1 and 80),
	flat_width_mm double precision not null check (flat_width_mm between 40 and 2000),
	gusset_mm double precision not null check (gusset_mm between 0 and 500),
	body_mm double precision not null check (body_mm between 40 and 3000),
	handle_mm double precision not null check (handle_mm between 0 and 600),
	mass_g double precision not null check (mass_g between 0.2 and 1000),
	created_at timestamptz not null default now(),
	primary key (group_id, id)
);
create unique index bag_kind_by_name on bag_kind (group_id, lower(btrim(name)));

-- Every group starts with three kinds; it measures its own beside them.
create function begin_bag_kinds() returns trigger language plpgsql as $$
begin
	insert into bag_kind (group_id, name, flat_width_mm, gusset_mm, body_mm, handle_mm, mass_g) values
		(new.id, 'Thin carrier', 300, 80, 385, 150, 5.2),
		(new.id, 'Heavier shop bag', 380, 60, 430, 140, 14),
		(new.id, 'Milk pouch', 310, 0, 400, 0, 9);
	return new;
end $$;
create trigger begin_bag_kinds after insert on volunteer_group
	for each row execute function begin_bag_kinds();
insert into bag_kind (group_id, name, flat_width_mm, gusset_mm, body_mm, handle_mm, mass_g)
select g.id, k.name, k.w, k.gusset, k.body, k.handle, k.mass
from volunteer_group g, (values
	('Thin carrier', 300, 80, 385, 150, 5.2),
	('Heavier shop bag', 380, 60, 430, 140, 14),
	('Milk pouch', 310, 0, 400, 0, 9)) as k (name, w, gusset, body, handle, mass);

-- Bags as they came in, before sorting. The key is made on the device: a resend counts once.
create table drop_off (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id bigint generated always as identity,
	key uuid not null,
	place_id uuid not null,
	came_on date not null,
	brought_by text check (char_length(brought_by) <= 120),
	sacks integer not null check (sacks between 0 and 1000),
	method text not null check (method in ('hand', 'batches', 'weight')),
	bags double precision not null check (bags >= 0 and bags <= 1000000),
	bags_low double precision not null check (bags_low >= 0),
	bags_high double precision not null,
	weighing jsonb,
	note text check (char_length(note) <= 400),
	created_at timestamptz not null default now(),
	primary key (group_id, id),
	unique (group_id, key),
	foreign key (group_id, place_id) references place (group_id, id) on delete cascade,
	check (bags_low <= bags and bags <= bags_high),
	check ((method = 'weight') = (weighing is not null))
);
create index drop_off_by_day on drop_off (group_id, came_on desc, id desc);

-- Bags sorted from one place: what they were good for.
create table sorting (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id bigint generated always as identity,
	key uuid not null,
	place_id uuid not null,
	strand integer not null check (strand between 0 and 100000),
	stuffing integer not null check (stuffing between 0 and 100000),
	drying integer not null check (drying between 0 and 100000),
	rejected integer not null check (rejected between 0 and 100000),
	-- When the drying ones are looked at again, and whether they were.
	look_again_at timestamptz,
	looked_again_at timestamptz,
	created_at timestamptz not null default now(),
	primary key (group_id, id),
	unique (group_id, key),
	foreign key (group_id, place_id) references place (group_id, id) on delete cascade
);

-- The ledger: every movement of the store, appended and never changed. Bags, pieces and balls are
-- counted, scrap is in grams; what comes in is above zero, what goes out below.
create table movement (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id bigint generated always as identity,
	key uuid not null,
	kind_id uuid not null,
	colour text not null check (colour in ('white', 'clear', 'grey', 'black', 'blue', 'green',
		'yellow', 'orange', 'red', 'pink', 'brown', 'mixed')),
	form text not null check (form in ('bag', 'piece', 'ball', 'stuffing', 'scrap')),
	amount numeric(14, 3) not null check (amount <> 0 and abs(amount) <= 10000000),
	reason text not null check (reason in ('sorted', 'cut', 'joined', 'made', 'given', 'counted', 'imported', 'correction')),
	note text check (char_length(note) <= 400),
	by_name text check (char_length(by_name) <= 120),
	-- The movement that a correction takes back, and only once.
	corrects bigint,
	moved_at timestamptz not null default now(),
	primary key (group_id, id),
	unique (group_id, key),
	unique (group_id, corrects),
	foreign key (group_id, kind_id) references bag_kind (group_id, id) on delete cascade,
	foreign key (group_id, corrects) references movement (group_id, id) on delete cascade,
	check ((reason = 'correction') = (corrects is not null)),
	check (form = 'scrap' or amount = trunc(amount))
);
create index movement_of_line on movement (group_id, kind_id, colour, form, id desc);

-- What the store holds, kept with the ledger in the same transaction, and never below zero.
create table balance (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	kind_id uuid not null,
	colour text not null,
	form text not null,
	amount numeric(14, 3) not null constraint balance_not_below_zero check (amount >= 0),
	movements bigint not null,
	moved_at timestamptz not null,
	primary key (group_id, kind_id, colour, form),
	foreign key (group_id, kind_id) references bag_kind (group_id, id) on delete cascade
);

create function book_movement() returns trigger language plpgsql as $$
begin
	-- What goes out is taken from what is there, and only then may a line begin: an insert of a
	-- negative amount would fail its check before it could meet the line that covers it.
	update balance set amount = amount + new.amount, movements = movements + 1, moved_at = new.moved_at
	where group_id = new.group_id and kind_id = new.kind_id and colour = new.colour and form = new.form;
	if not found then
		insert into balance (group_id, kind_id, colour, form, amount, movements, moved_at)
		values (new.group_id, new.kind_id, new.colour, new.form, new.amount, 1, new.moved_at)
		on conflict (group_id, kind_id, colour, form) do update
		set amount = balance.amount + excluded.amount, movements = balance.movements + 1,
			moved_at = excluded.moved_at;
	end if;
	return new;
end $$;
create trigger book_movement after insert on movement
	for each row execute function book_movement();

create function refuse_change() returns trigger language plpgsql as $$
begin
	-- A whole group may be deleted, and its ledger with it.
	if tg_op = 'DELETE' and not exists (select 1 from volunteer_group where id = old.group_id) then
		return old;
	end if;
	raise exception 'the ledger is appended to, never changed' using errcode = 'integrity_constraint_violation';
end $$;
create trigger movement_stays before update or delete on movement
	for each row execute function refuse_change();

-- Swatches, chains, woven rows and weighed handfuls, with what each says of the factors it bears on.
create table measurement (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id bigint generated always as identity,
	key uuid not null,
	kind text not null check (kind in ('swatch', 'chain', 'woven', 'handful')),
	maker text check (char_length(maker) <= 120),
	typed jsonb not null check (jsonb_typeof(typed) = 'object' and pg_column_size(typed) < 4000),
	readings jsonb not null check (jsonb_typeof(readings) = 'object'),
	measured_on date not null,
	-- Left out by choice, never by itself.
	is_left_out boolean not null default false,
	created_at timestamptz not null default now(),
	primary key (group_id, id),
	unique (group_id, key)
);

create table timed_work (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id bigint generated always as identity,
	key uuid not null,
	station text not null check (station in ('flatten', 'cut', 'join', 'ball', 'make', 'finish', 'check', 'roll')),
	maker text check (char_length(maker) <= 120),
	units integer not null check (units between 1 and 1000000),
	people integer not null check (people between 1 and 200),
	minutes double precision not null check (minutes > 0 and minutes <= 10000),
	default_seconds double precision not null check (default_seconds > 0),
	worked_on date not null,
	is_left_out boolean not null default false,
	created_at timestamptz not null default now(),
	primary key (group_id, id),
	unique (group_id, key)
);
