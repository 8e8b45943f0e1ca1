-- A label means the same however it is written: small letters, spaces and hyphens do not matter. Entries keep what
-- was typed; what follows from them reads it by this.
create function label_of(written text) returns text language sql immutable strict parallel safe as
	$$ select upper(regexp_replace(written, '[\s-]+', '', 'g')) $$;

drop index entry_of_mat;
create index entry_of_mat on entry (group_id, label_of(typed ->> 'mat'), id)
	where type in ('issue', 'note', 'wish', 'hand-on', 'mat-size', 'weighed', 'stripes', 'first-pass', 'remind');
