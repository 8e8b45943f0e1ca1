-- A label means the same however it is written: small letters, spaces and hyphens do not matter. Entries keep what
-- was typed; what follows from them reads it by this.
create function label_of(written text) returns text language sql immutable strict parallel safe as
	$$ select upper(regexp_replace(written, '[\s-]+', '', 'g')) $$;

drop index entry_of_mat;
create index entry_of_mat on entry (group_id, label_of(typed ->> 'mat'), id)
	where type in ('issue', 'note', 'wish', 'hand-on', 'mat-size', 'weighed', 'stripes', 'first-pass', 'remind');

-- A day that was opened is not a day that was worked: what was learned of more minutes than the day was open with the
-- people who came is left out. It stands where it stood, and may be used again by whoever looks at it.
update timed_work w set is_left_out = true
from entry e, table_day d
where e.group_id = w.group_id and e.id = w.entry_id and e.digest = '' and e.device is null
	and d.group_id = w.group_id and d.day = w.worked_on and d.closed_at is not null
	and w.work in ('flatten', 'cut', 'join', 'ball')
	and w.people * w.minutes > 1.5 * extract(epoch from d.closed_at - d.opened_at) / 60
		* greatest(1, (select count(*) from day_person p where p.group_id = d.group_id and p.day_id = d.id and p.came));

-- What is removed can be brought back for seven days; then the nightly work ends it. Rows that something still rests on
-- stay, and are listed nowhere.
alter table bag_kind add column removed_at timestamptz;
drop index bag_kind_by_name;
create unique index bag_kind_by_name on bag_kind (group_id, lower(btrim(name))) where removed_at is null;
alter table place add column receiving_ended_at timestamptz;

-- Two places that are one: the name of the one stands for the other, until somebody says that they are two.
alter table place add column same_as uuid,
	add check (same_as <> id),
	add foreign key (group_id, same_as) references place (group_id, id);
create index place_same_as on place (group_id, same_as) where same_as is not null;
create view place_known with (security_invoker = true) as
	select p.group_id, p.id, coalesce(c.id, p.id) as known_id, coalesce(c.name, p.name) as name,
		coalesce(c.version, p.version) as version,
		case when c.id is null then p.hours else c.hours end as hours,
		case when c.id is null then p.stairs else c.stairs end as stairs,
		case when c.id is null then p.own_rules else c.own_rules end as own_rules
	from place p left join place c on c.group_id = p.group_id and c.id = p.same_as;

-- Two kinds of bag that are one: what lies in the store of the one goes to the other by an entry; while that stands,
-- the kind is listed no more.
alter table bag_kind add column same_as uuid,
	add column same_by_entry bigint,
	add check (same_as <> id),
	add check ((same_as is null) = (same_by_entry is null)),
	add foreign key (group_id, same_as) references bag_kind (group_id, id),
	add foreign key (group_id, same_by_entry) references entry (group_id, id);
create index bag_kind_same_as on bag_kind (group_id, same_as) where same_as is not null;
create index bag_kind_same_by on bag_kind (group_id, same_by_entry) where same_by_entry is not null;
create view standing_kind with (security_invoker = true) as
	select k.* from bag_kind k
	left join taken_back b on b.group_id = k.group_id and b.entry_id = k.same_by_entry
	where k.removed_at is null and (k.same_by_entry is null or b.entry_id is not null);

-- So many days pages stay on a device that has met no answer since.
alter table volunteer_group add column offline_days integer not null default 7 check (offline_days between 1 and 60);

-- A new passphrase ends every way back that was asked for with the old one, and the messages that carry them.
create function end_ways_back() returns trigger language plpgsql
	security definer set search_path = pg_catalog, public as $$
begin
	delete from verification where value = new.account_id::text;
	delete from account_message m using account a where a.id = new.account_id and m.email = a.email;
	return null;
end $$;
create trigger end_ways_back after update of password on credential for each row
	when (new.password is distinct from old.password) execute function end_ways_back();

-- When whoever is signed in said their passphrase last: a passkey is made soon after that.
alter table sign_in add column confirmed_at timestamptz;
