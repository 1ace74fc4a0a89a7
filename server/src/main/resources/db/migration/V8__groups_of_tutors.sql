-- Which groups somebody of the staff looks after, one to a line; and whether tutors see the others, too.
alter table membership add column looks_after varchar(4000) default '' not null;
alter table course add column tutors_see_all boolean default true not null;
