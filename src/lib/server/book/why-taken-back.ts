/** In a statement that reads an entry as `e`: why it was taken back; null while it stands. */
export const whyTakenBack = `(select b.note from taken_back t
	join entry b on b.group_id = t.group_id and b.id = t.by_entry_id
	where t.group_id = e.group_id and t.entry_id = e.id)`;
