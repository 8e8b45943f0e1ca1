/** In a statement that reads an entry as `e`: why it was taken back; null while it stands. */
export const whyTakenBack = `(select b.note from taken_back t
	join entry b on b.group_id = $1 and b.id = t.by_entry_id
	where t.group_id = $1 and t.entry_id = e.id)`;

/** In a statement that reads an entry as `e`: whether another stands in its place, as it was edited. */
export const wasEdited = `exists (select 1 from taken_back t
	join entry b on b.group_id = $1 and b.id = t.by_entry_id and b.typed ->> 'edit' = 'yes'
	where t.group_id = $1 and t.entry_id = e.id)`;
