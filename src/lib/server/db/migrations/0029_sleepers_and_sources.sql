-- What a receiving place accepts, where it says so: a mat is judged by who lies on it, not by its plan.
alter table place
	add column least_length_mm double precision check (least_length_mm between 300 and 4000),
	add column least_width_mm double precision check (least_width_mm between 200 and 3000),
	add column most_length_mm double precision check (most_length_mm between 300 and 4000),
	add column most_width_mm double precision check (most_width_mm between 200 and 3000),
	add check (most_length_mm >= least_length_mm),
	add check (most_width_mm >= least_width_mm);
