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
