-- What a receiving place accepts, where it says so: a mat is judged by who lies on it, not by its plan.
alter table place
	add column least_length_mm double precision check (least_length_mm between 300 and 4000),
	add column least_width_mm double precision check (least_width_mm between 200 and 3000),
	add column most_length_mm double precision check (most_length_mm between 300 and 4000),
	add column most_width_mm double precision check (most_width_mm between 200 and 3000),
	add check (most_length_mm >= least_length_mm),
	add check (most_width_mm >= least_width_mm);

-- Whether bags of a kind were used before they came: used ones are kept from the bin, new surplus was never waste. Of
-- kinds from before the question nobody knows until a coordinator answers once.
alter table bag_kind add column source text not null default 'unknown' check (source in ('used', 'new', 'unknown'));
create or replace view standing_kind with (security_invoker = true) as
	select k.* from bag_kind k
	left join taken_back b on b.group_id = k.group_id and b.entry_id = k.same_by_entry
	where k.removed_at is null and (k.same_by_entry is null or b.entry_id is not null);
-- A kind that is measured from now on is of used bags, unless it is said otherwise.
alter table bag_kind alter column source set default 'used';
