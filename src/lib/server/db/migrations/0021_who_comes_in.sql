-- Who may come in. An account with its passphrase, passkeys and sign-ins belongs to the whole house;
-- in which groups it is, and as what, belongs to each group. An account is no person of a group unless
-- that is said. The columns are those of the package that signs in.
create table account (
	id uuid primary key default gen_random_uuid(),
	name text not null check (char_length(btrim(name)) between 1 and 120),
	email text not null unique check (char_length(email) between 3 and 320),
	email_verified boolean not null default false,
	image text,
	created_at timestamptz not null default now(),
	updated_at timestamptz not null default now()
);
create table sign_in (
	id uuid primary key default gen_random_uuid(),
	account_id uuid not null references account (id) on delete cascade,
	token text not null unique,
	expires_at timestamptz not null,
	ip_address text,
	user_agent text,
	created_at timestamptz not null default now(),
	updated_at timestamptz not null default now()
);
create index sign_in_of_account on sign_in (account_id);
create table credential (
	id uuid primary key default gen_random_uuid(),
	account_id uuid not null references account (id) on delete cascade,
	provider_account_id text not null,
	provider_id text not null,
	access_token text,
	refresh_token text,
	id_token text,
	access_token_expires_at timestamptz,
	refresh_token_expires_at timestamptz,
	scope text,
	password text,
	created_at timestamptz not null default now(),
	updated_at timestamptz not null default now()
);
create index credential_of_account on credential (account_id);
create table verification (
	id uuid primary key default gen_random_uuid(),
	identifier text not null,
	value text not null,
	expires_at timestamptz not null,
	created_at timestamptz not null default now(),
	updated_at timestamptz not null default now()
);
create index verification_of_identifier on verification (identifier);
create table passkey (
	id uuid primary key default gen_random_uuid(),
	account_id uuid not null references account (id) on delete cascade,
	name text,
	public_key text not null,
	credential_id text not null unique,
	counter integer not null,
	device_type text not null,
	backed_up boolean not null,
	transports text,
	aaguid text,
	created_at timestamptz default now()
);
create index passkey_of_account on passkey (account_id);

-- How often something was tried, in every process alike.
create table tried (
	key varchar(255) primary key,
	points integer not null default 0,
	expire bigint
);

-- Messages to accounts lie here for whoever runs the machine: nothing leaves it by itself.
create table account_message (
	id bigint generated always as identity primary key,
	email text not null,
	subject text not null,
	words text not null,
	made_at timestamptz not null default now()
);

-- The word that makes the first coordinator: one at a time, for one use.
create table first_word (
	is_only boolean primary key default true check (is_only),
	digest text not null,
	made_at timestamptz not null default now()
);

create table member (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	account_id uuid not null references account (id) on delete cascade,
	role text not null check (role in ('coordinator', 'helper', 'reader')),
	person_id uuid,
	joined_at timestamptz not null default now(),
	primary key (group_id, account_id),
	foreign key (group_id, person_id) references person (group_id, id)
);
create index member_by_account on member (account_id);
alter table member enable row level security;
create policy of_group on member using (group_id = (select group_at_hand()));

-- A group that is deleted lies there a week, for a coordinator of it to take back.
alter table volunteer_group add column deleted_at timestamptz;

-- Which groups an account is in: asked before it is known which of them is meant, so past the walls,
-- and of nothing else.
create function groups_of_account(account uuid)
returns table (group_id uuid, name text, role text, person_id uuid, deleted_at timestamptz)
language sql stable security definer set search_path = pg_catalog, public as $$
	select m.group_id, g.name, m.role, m.person_id, g.deleted_at
	from member m join volunteer_group g on g.id = m.group_id
	where m.account_id = account order by g.name, m.group_id
$$;
revoke execute on function groups_of_account(uuid) from public;

-- Which account an entry came from; a link is told apart already.
alter table entry add column account_id uuid;

-- What was done beside the entries: by whom, and when. Appended, never changed.
create table trail (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id bigint generated always as identity,
	at timestamptz not null default now(),
	account_id uuid,
	act text not null check (char_length(act) between 1 and 80),
	about text check (char_length(about) <= 200),
	primary key (group_id, id)
);
select keep_appended('trail');
alter table trail enable row level security;
create policy of_group on trail using (group_id = (select group_at_hand()));

-- A link may also let someone in as a member.
alter table link add column role text check (role in ('coordinator', 'helper', 'reader'));
alter table link drop constraint link_grants_check;
alter table link add constraint link_grants_check check (grants in ('read-plan', 'make', 'join')),
	add check ((grants = 'join') = (role is not null));
